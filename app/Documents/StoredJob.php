<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\Survey;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\JobFile\Job as CoreJob;
use Geodex\Core\JobFile\JobReader;

/** A stored job as core has it. */
final readonly class StoredJob
{
    public function __construct(private JobReader $jobs) {}

    /**
     * @param  ?Survey  $survey  to be read with it
     *
     * @throws UnreadableJob
     */
    public function read(Job $job, ?Survey $survey = null): CoreJob
    {
        try {
            return $this->jobs->fromKept(JobDocument::forCore($job, $survey));
        } catch (CoreFailure $failure) {
            throw new UnreadableJob($job, $failure);
        }
    }
}
