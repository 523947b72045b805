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
            id: $job->id, title: $job->title, vehicle: $job->vehicle, href: route('job', $job->id), next: $step->text, nextHref: $step->href,
            points: $job->points->count(), readings: $readings, updated: $job->updated_at->toIso8601ZuluString(),
            archive: route('job.archive', $job->id), canWork: $canWork,
        );
    }
}
