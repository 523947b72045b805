<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use Illuminate\Database\Eloquent\Model;

/**
 * The driveshaft, kept as it was typed.
 *
 * @implements SavedPart<Job>
 */
final readonly class DrivelinePart implements JobPart, SavedPart
{
    public function name(): string
    {
        return 'the driveshaft';
    }

    /** @param  Job  $owner */
    public function state(Model $owner): mixed
    {
        return $owner->fresh()?->driveline;
    }

    public function layOut(Job $job, Layout $as): array
    {
        return ['driveline' => $job->driveline === null ? null : $as->withUnits($job->driveline)];
    }

    public function import(Job $stored, Import $from): void
    {
        $stored->update(['driveline' => $from->document['driveline'] ?? null]);
    }
}
