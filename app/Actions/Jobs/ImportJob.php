<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Survey\AssessSurvey;
use App\Documents\Parts\Import;
use App\Documents\Parts\JobParts;
use App\Documents\StoredJob;
use App\Models\Job as StoredJobRow;
use App\Models\Survey;
use App\Models\User;
use App\Models\Workshop;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Illuminate\Support\Facades\DB;

/** Stores a job file as a job: all of it or nothing. */
final readonly class ImportJob
{
    public function __construct(private JobReader $reader, private StoredJob $jobs, private AssessSurvey $assess) {}

    /**
     * @param  array<string, mixed>  $document  checked against the schema
     * @param  array<string, int>  $people  by name, where it is the shop's own record
     *
     * @throws InvalidFile
     */
    public function handle(Workshop $workshop, ?User $user, array $document, array $people = []): StoredJobRow
    {
        $job = $this->reader->fromDocument($document);

        $stored = DB::transaction(function () use ($workshop, $user, $document, $people, $job): StoredJobRow {
            $stored = new StoredJobRow(['workshop_id' => $workshop->id]);
            $import = new Import($job, $document, $user, $people);
            foreach (JobParts::all() as $part) {
                $part->import($stored, $import);
            }
            $this->mustBeReadable($stored);

            return $stored;
        });
        // The list of jobs computes nothing, so that what it says is made here.
        $this->assess->handle($this->latest($stored));

        return $stored;
    }

    /** What is stored can always be read again. */
    private function mustBeReadable(StoredJobRow $stored): void
    {
        $fresh = StoredJobRow::findOrFail($stored->id);
        foreach ($fresh->surveys as $survey) {
            $this->jobs->read($fresh, $survey);
        }
    }

    private function latest(StoredJobRow $stored): Survey
    {
        return Survey::with('job.workshop')->where('job_id', $stored->id)->orderByDesc('id')->firstOrFail();
    }
}
