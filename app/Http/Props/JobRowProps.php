<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Job;
use App\Stages\NextStep;

/** A job in the list, with what it needs next. */
final readonly class JobRowProps
{
    public function __construct(
        public int $id,
        public string $title,
        public string $vehicle,
        public string $href,
        public string $next,
        public string $nextHref,
        public int $points,
        public int $readings,
        public string $updated,
        public string $archive,
        public bool $canWork,
    ) {}

    public static function from(Job $job, NextStep $step, int $readings, bool $canWork): self
    {
        return new self(
            $job->id, $job->title, $job->vehicle, route('job', $job->id), $step->text, $step->href,
            $job->points->count(), $readings, $job->updated_at->toIso8601ZuluString(),
            route('job.archive', $job->id), $canWork,
        );
    }
}
