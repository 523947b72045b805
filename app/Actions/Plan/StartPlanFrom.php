<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Models\Job;

/** Lays the plan on the chart, or on the frame as a survey found it. */
final readonly class StartPlanFrom
{
    public function __construct(private KeepCrossing $crossing) {}

    /** @param  ?string  $survey  its code; null for the chart */
    public function handle(Job $job, ?string $survey): void
    {
        abort_unless($survey === null || $job->surveys()->where('code', $survey)->exists(), 422, 'There is no survey of that name in this job.');
        $job->update(['plan_from' => $survey]);
        $this->crossing->handle($job);
    }
}
