<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Documents\PlannedJob;
use App\Models\Job;
use Geodex\Core\Plan\CarriedChange;

/** Keeps what crosses a cut, and forgets the tick of what no longer does or now changes by another length. */
final readonly class KeepCrossing
{
    public function handle(Job $job): void
    {
        $crossing = [];
        foreach (PlannedJob::of($job)->plan->carried ?? [] as $change) {
            $crossing[$change->feature] = $this->said($change);
        }
        $before = $job->plan_along ?? ['crossing' => [], 'ticked' => []];
        $ticked = array_values(array_filter($before['ticked'], fn (string $name): bool => isset($crossing[$name]) && ($before['crossing'][$name] ?? null) === $crossing[$name]));
        $job->update(['plan_along' => $crossing === [] ? null : ['crossing' => $crossing, 'ticked' => $ticked]]);
    }

    /** What it changes by, to a tenth of a millimetre: a tick holds for that and for no other. */
    private function said(CarriedChange $change): string
    {
        return sprintf('%.1f%s', $change->change, $change->end === null ? '' : ' '.$change->end);
    }
}
