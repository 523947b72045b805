<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Driveline\Shaft;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\Variant;
use Geodex\Core\Reference\ReferenceSource;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Units\LengthUnit;

/** A whole job as its file describes it. */
final readonly class Job
{
    /**
     * @param  list<Survey>  $surveys
     * @param  list<Operation>  $operations
     * @param  list<ReferenceSource>  $sources  references that the frame can be held against
     * @param  string  $variant  of the plan, that is in force
     * @param  list<Variant>  $others
     * @param  ?string  $planFrom  id of the survey that the plan starts from; null for the chart
     * @param  list<Problem>  $adrift  what was measured from a point that the chart no longer places; only of a job that is kept
     */
    public function __construct(
        public string $title,
        public LengthUnit $units,
        public Frame $frame,
        public array $surveys,
        public array $operations,
        public ?Shaft $shaft,
        public array $sources = [],
        public Chassis $chassis = new Chassis,
        public array $adrift = [],
        public string $variant = 'A',
        public array $others = [],
        public ?string $planFrom = null,
    ) {}

    public function survey(string $id): ?Survey
    {
        foreach ($this->surveys as $survey) {
            if ($survey->id === $id) {
                return $survey;
            }
        }

        return null;
    }
}
