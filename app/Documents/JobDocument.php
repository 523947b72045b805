<?php

declare(strict_types=1);

namespace App\Documents;

use App\Documents\Parts\JobParts;
use App\Documents\Parts\Layout;
use App\Models\Job;
use App\Models\Survey;

/** Lays a stored job out as a job file: the one road from the tables to core, and to an export. */
final readonly class JobDocument
{
    /**
     * The job as a file that another Geodex reads, lengths as they were typed.
     *
     * @return array<string, mixed>
     */
    public static function forExport(Job $job): array
    {
        $job->loadMissing(['points', 'operations', 'sources', 'benchRounds.user', 'surveys', 'worksheets', 'parts']);

        return self::document($job, new Layout(true, $job->units, array_values($job->surveys->all())));
    }

    /**
     * The job and at most one of its surveys, in exact millimetres.
     *
     * @return array<string, mixed>
     */
    public static function forCore(Job $job, ?Survey $survey = null): array
    {
        $job->loadMissing(['points', 'operations']);

        return self::document($job, new Layout(false, $job->units, $survey === null ? [] : [$survey]));
    }

    /** @return array<string, mixed> */
    private static function document(Job $job, Layout $as): array
    {
        $document = [];
        foreach (JobParts::all() as $part) {
            $document += $part->layOut($job, $as);
        }

        // A job without points is still one: its list of them is empty, not missing.
        return array_filter($document, fn (mixed $part, string $key): bool => $key === 'points' || ($part !== null && $part !== '' && $part !== []), ARRAY_FILTER_USE_BOTH);
    }
}
