<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Survey\Reading\Reading;

/** A log of readings taken at one stage of the work. */
final readonly class Survey
{
    /**
     * @param  list<Reading>  $readings  in the order they were taken
     * @param  list<string>  $blocked  readings that cannot be taken on this frame, as TakenReadings::key() writes them
     */
    public function __construct(public string $id, public SurveyStage $stage, public array $readings, public array $blocked = []) {}

    /** @return list<Reading> those that are not struck */
    public function readingsInUse(): array
    {
        return array_values(array_filter($this->readings, fn (Reading $reading): bool => ! $reading->isStruck()));
    }
}
