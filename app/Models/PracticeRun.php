<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Simulation\Practice\Exercise;
use Geodex\Core\Simulation\Practice\PracticeLevel;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One exercise of one trainee.
 *
 * @property int $id
 * @property int $user_id
 * @property int $seed
 * @property PracticeLevel $level
 * @property list<array{number: int, kind: string, points: list<string>, value: float}> $readings
 * @property ?array{findings: list<array{pattern: string, section: string, positive: bool, side: ?string}>, readings: list<string>} $statement
 * @property ?int $score
 * @property Carbon $created_at
 */
final class PracticeRun extends Model
{
    protected $guarded = ['id'];

    protected $casts = ['level' => PracticeLevel::class, 'seed' => 'int', 'readings' => 'array', 'statement' => 'array', 'score' => 'int'];

    public function exercise(): Exercise
    {
        return new Exercise($this->seed, $this->level);
    }
}
