<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\BenchRound;
use App\Models\Job;
use App\Models\User;
use Geodex\Core\Bench\UnusableBench;

/** Keeps one round of levelling, squaring or setting, so that progress shows. */
final readonly class AddBenchRound
{
    /**
     * @param  'level'|'square'|'set'  $kind
     * @param  array<string, mixed>  $input  mm and degrees
     *
     * @throws UnusableBench if nothing can be worked out from it
     */
    public function handle(Job $job, User $user, string $kind, array $input): BenchRound
    {
        $worked = BenchWork::of($job, $kind, $input);

        return $job->benchRounds()->create(['kind' => $kind, 'input' => $input, 'worst_mm' => $worked->worst, 'good' => $worked->good, 'user_id' => $user->id]);
    }
}
