<?php

declare(strict_types=1);

namespace App\Actions\Driveline;

use App\Documents\JobDocument;
use App\Models\Job;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\SchemaChecker;

/** Keeps the shaft of a job, if it is one. */
final readonly class SaveShaft
{
    public function __construct(private JobReader $jobs, private SchemaChecker $schema) {}

    /**
     * @param  array<string, mixed>  $shaft  as in the job file, lengths as typed
     *
     * @throws InvalidFile naming the field
     */
    public function handle(Job $job, array $shaft): void
    {
        $document = [...JobDocument::forExport($job), 'driveline' => ['shaft' => $shaft]];
        $problems = $this->schema->check($document);
        if ($problems !== []) {
            throw InvalidFile::with($problems);
        }
        $this->jobs->fromDocument($document);
        $job->update(['driveline' => ['shaft' => $shaft]]);
    }
}
