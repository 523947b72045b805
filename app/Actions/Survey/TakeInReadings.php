<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Documents\JobDocument;
use App\Import\ReadingsCsv;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Illuminate\Support\Facades\DB;

/** Takes a table of readings into the log: all of it or nothing. */
final readonly class TakeInReadings
{
    public function __construct(private JobReader $jobs, private ReadingsCsv $csv, private RecordReading $record) {}

    /**
     * @return int how many there were
     *
     * @throws InvalidFile
     */
    public function handle(Survey $survey, User $user, string $contents): int
    {
        $frame = $this->jobs->fromDocument(JobDocument::forCore($survey->job))->frame;
        $calls = $this->csv->read($contents, $frame, $survey->job->units);
        DB::transaction(function () use ($survey, $user, $calls): void {
            foreach ($calls as $call) {
                $this->record->handle($survey, $user, $call['id'], $call['call'], $call['unit']);
            }
        });

        return count($calls);
    }
}
