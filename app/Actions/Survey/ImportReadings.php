<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Documents\StoredJob;
use App\Import\ReadingsCsv;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\JobFile\InvalidFile;

/** Takes a table of readings into the log: all of it or nothing. */
final readonly class ImportReadings
{
    public function __construct(private StoredJob $jobs, private ReadingsCsv $csv, private RecordReading $record) {}

    /**
     * @return int how many there were
     *
     * @throws InvalidFile
     */
    public function handle(Survey $survey, User $user, string $contents): int
    {
        $frame = $this->jobs->read($survey->job)->frame;
        $calls = $this->csv->read($contents, $frame, $survey->job->units);
        if ($calls !== []) {
            $this->record->all($survey, $user, $calls);
        }

        return count($calls);
    }
}
