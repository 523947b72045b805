<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Stages\JobState;
use App\Stages\Stage;

/** A station on the rail of a job. */
final readonly class StageProps
{
    /** @param  'done'|'open'|'waiting'  $state */
    public function __construct(public string $key, public string $label, public string $href, public string $state) {}

    public static function from(Stage $stage, JobState $job): self
    {
        return new self($stage::name(), $stage::label(), $job->href($stage), $stage->state($job)->value);
    }
}
