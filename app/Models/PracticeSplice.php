<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Simulation\Practice\PracticeLevel;
use Geodex\Core\Simulation\Practice\Splice\SpliceAction;
use Geodex\Core\Simulation\Practice\Splice\SpliceBench;
use Geodex\Core\Simulation\Practice\Splice\SpliceExercise;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One splice of one trainee.
 *
 * @property int $id
 * @property int $user_id
 * @property int $seed
 * @property PracticeLevel $level
 * @property list<array<string, mixed>> $actions
 * @property ?int $score  once it is finished
 * @property Carbon $created_at
 */
final class PracticeSplice extends Model
{
    protected $guarded = ['id'];

    protected $casts = ['level' => PracticeLevel::class, 'seed' => 'int', 'actions' => 'array', 'score' => 'int'];

    public function exercise(): SpliceExercise
    {
        return new SpliceExercise($this->seed, $this->level);
    }

    public function bench(SpliceExercise $exercise): SpliceBench
    {
        return SpliceBench::after($exercise, array_values(array_filter(array_map(SpliceAction::of(...), $this->actions))));
    }
}
