<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;

/** Where the readings of a survey put the points, with no chart to lean on. */
final readonly class BenchPositions
{
    public function __construct(private SurveyComputer $computer) {}

    /**
     * @return array<string, Vector3> mm
     *
     * @throws CannotComputeSurvey
     */
    public function of(Frame $frame, Survey $survey): array
    {
        if ($survey->readingsInUse() === []) {
            throw CannotComputeSurvey::empty($survey->id);
        }
        $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points));

        return $this->computer->positions($bare, $survey);
    }

    /** Whether the readings tell up from down: lengths alone do not. */
    public static function knowUp(Survey $survey): bool
    {
        foreach ($survey->readingsInUse() as $reading) {
            if ($reading->kind::tellsHeight()) {
                return true;
            }
        }

        return false;
    }
}
