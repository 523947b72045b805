<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Survey\Datum\DatumDecision;
use Geodex\Core\Survey\Reading\Reading;

/** A log of readings taken at one stage of the work. */
final readonly class Survey
{
    /**
     * @param  list<Reading>  $readings  in the order they were taken
     * @param  list<string>  $blocked  readings that cannot be taken on this frame, by their keys
     * @param  list<DatumDecision>  $datum  what was decided of base points, the latest of each
     * @param  bool  $toTarget  whether it is held against the frame as planned, and not against the chart
     */
    public function __construct(public string $id, public SurveyStage $stage, public array $readings, public array $blocked = [], public array $datum = [], public bool $toTarget = false) {}

    /** @return list<Reading> those that are not struck */
    public function readingsInUse(): array
    {
        return array_values(array_filter($this->readings, fn (Reading $reading): bool => ! $reading->isStruck()));
    }

    /** @return list<string> base points that a person keeps in the datum, or out of it */
    public function decided(bool $carries): array
    {
        return array_values(array_map(fn (DatumDecision $one): string => $one->point, array_filter($this->datum, fn (DatumDecision $one): bool => $one->carries === $carries)));
    }
}
