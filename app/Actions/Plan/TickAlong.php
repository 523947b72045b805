<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Models\Job;

/** Ticks what comes along as seen to, or takes the tick away. */
final readonly class TickAlong
{
    public function handle(Job $job, string $feature, bool $done): void
    {
        $along = $job->plan_along ?? ['crossing' => [], 'ticked' => []];
        abort_unless(isset($along['crossing'][$feature]), 422, 'Nothing of that name crosses a cut.');
        $others = array_values(array_filter($along['ticked'], fn (string $name): bool => $name !== $feature));
        $job->update(['plan_along' => [...$along, 'ticked' => $done ? [...$others, $feature] : $others]]);
    }
}
