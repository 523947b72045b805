<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;

/** What a job is called, what it is about, and its unit. */
final readonly class HeadPart implements JobPart
{
    public function layOut(Job $job, Layout $as): array
    {
        return [
            'format' => 'geodex-job',
            'version' => 1,
            'madeBy' => $as->asTyped ? 'Geodex '.config()->string('geodex.version') : null,
            'title' => $job->title,
            'vehicle' => $job->vehicle,
            'units' => $as->asTyped ? $job->units : 'mm',
        ];
    }

    public function import(Job $stored, Import $from): void
    {
        $vehicle = $from->document['vehicle'] ?? '';
        $stored->fill(['title' => $from->job->title, 'vehicle' => is_string($vehicle) ? $vehicle : '', 'units' => $from->job->units->value, 'frame' => []])->save();
    }
}
