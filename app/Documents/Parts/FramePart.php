<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;

/** Axles and what runs along the frame, kept as the file had them. */
final readonly class FramePart implements JobPart
{
    public function layOut(Job $job, Layout $as): array
    {
        return ['frame' => array_filter($as->withUnits($job->frame), fn (mixed $part): bool => $part !== null && $part !== [])];
    }

    public function import(Job $stored, Import $from): void
    {
        $stored->update(['frame' => $from->section('frame')]);
    }
}
