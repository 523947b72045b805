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
        public string $plate,
        public string $customerReference,
        public string $href,
        public string $next,
        public string $nextHref,
        public int $points,
        public int $readings,
        public string $updated,
        public string $archive,
        public string $about,
        public bool $isAside,
        public bool $canWork,
    ) {}

    public static function from(Job $job, NextStep $step, int $readings, bool $canWork): self
    {
        return new self(
            id: $job->id, title: $job->title, vehicle: $job->vehicle, plate: $job->plate, customerReference: $job->customer_reference, href: route('job', $job->id), next: $step->text, nextHref: $step->href,
            points: $job->pointCount(), readings: $readings, updated: $job->updated_at->toIso8601ZuluString(),
            archive: route('job.archive', $job->id), about: route('job.about', $job->id), isAside: $job->archived_at !== null, canWork: $canWork,
        );
    }
}
