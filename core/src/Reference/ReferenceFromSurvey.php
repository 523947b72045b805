<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\ReferenceCovariance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyResult;

/**
 * Makes a reference of a survey: of a sister vehicle, of the frame before the work, or of the lengths that a point-to-point
 * chart prints, which are readings like any others. Its uncertainty goes with it.
 */
final readonly class ReferenceFromSurvey
{
    /** Of the interval that a hull is made of. */
    private const COVERAGE = 1.96;

    public function __construct(private SurveyComputer $computer = new SurveyComputer) {}

    /** @throws CannotComputeSurvey if the readings do not place three points that are not in a line */
    public function make(Frame $frame, Survey $survey): MeasuredReference
    {
        $computer = $this->computer->timed();
        $charted = count(array_filter($frame->points, fn (Point $point): bool => $point->base && $point->reference !== null)) >= 3;
        $result = $computer->compute($charted ? $this->certain($frame) : $this->ownAxes($frame, $survey, $computer), $survey);
        $places = $sigmas = $free = [];
        foreach ($result->points as $point) {
            if ($point->measured === null || $point->sigma === null) {
                continue;
            }
            if (! $point->isDetermined()) {
                $free[] = $point->id;

                continue;
            }
            $places[$point->id] = $point->measured;
            $sigmas[$point->id] = $this->unsure($point->sigma, $point->hull);
        }
        $contradicted = array_values(array_filter($result->readings, fn ($reading): bool => $reading->status === ReadingStatus::Suspect));

        return new MeasuredReference(
            places: $places,
            sigmas: $sigmas,
            free: $free,
            contradicted: array_map(fn ($reading): string => $reading->id, $contradicted),
            covariance: $this->covariance(array_map(strval(...), array_keys($places)), $sigmas, $result),
        );
    }

    /**
     * Where the readings can be understood in several ways, or a mirror solution fits as well, a place is as unsure as all of them together.
     *
     * @param  list<array{float, float}>  $hull
     */
    private function unsure(Vector3 $sigma, array $hull): Vector3
    {
        $sigmas = $sigma->toArray();
        foreach ($hull as $axis => [$min, $max]) {
            if (is_finite($max - $min)) {
                $sigmas[$axis] = max($sigmas[$axis], ($max - $min) / 2 / self::COVERAGE);
            }
        }

        return Vector3::of(...$sigmas);
    }

    /**
     * @param  list<string>  $points
     * @param  array<string, Vector3>  $sigmas
     */
    private function covariance(array $points, array $sigmas, SurveyResult $result): ReferenceCovariance
    {
        $at = [];
        foreach ($points as $id) {
            foreach ([0, 1, 2] as $axis) {
                $at[] = [$result->covariance->columns[$id] + $axis, $sigmas[$id]->toArray()[$axis] ** 2];
            }
        }
        $matrix = [];
        foreach ($at as $i => [$row, $variance]) {
            $matrix[] = array_map(fn (int $j, array $other): float => $i === $j ? $variance : $result->covariance->matrix[$row][$other[0]], array_keys($at), $at);
        }

        return ReferenceCovariance::of($points, $matrix);
    }

    /** Its own reference has no say in how well a survey places its points. */
    private function certain(Frame $frame): Frame
    {
        return new Frame(array_map(fn (Point $point): Point => $point->at($point->reference), $frame->points), $frame->axles, $frame->carried);
    }

    /** Without a chart: along the frame's own mirror plane, held on the points taken as undamaged, or on all. */
    private function ownAxes(Frame $frame, Survey $survey, SurveyComputer $computer): Frame
    {
        $at = (new BenchPositions($computer))->of($frame, $survey);
        $pairs = MirrorPairs::of($frame, $at);
        $up = BenchPositions::knowUp($survey) ? Vector3::of(0, 0, 1) : null;
        $motion = (new MirrorPlane)->axes(array_map(fn (array $pair): array => [$at[$pair[0]], $at[$pair[1]]], $pairs->holding($frame)), $up, $pairs->front($at));

        return new Frame(array_map(
            fn (Point $point): Point => $point->at(isset($at[$point->id]) ? $motion->apply($at[$point->id]) : null, null, $pairs->isHolding($frame, $point->id)),
            $frame->points,
        ), $frame->axles, $frame->carried);
    }
}
