<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Internal\DatumChooser;

/** Gives a point its deviation, uncertainty and verdict. */
final readonly class PointJudge
{
    public function __construct(private SurveyOptions $options) {}

    /** @param  ?Vector3  $measured position in chart axes (mm), null if no used reading touches it */
    public function judge(Point $point, ?Vector3 $measured, Covariance $covariance): PointResult
    {
        $column = $covariance->columns[$point->id] ?? null;
        if ($measured === null || $column === null) {
            return PointResult::unmeasured($point->id);
        }
        if ($point->reference === null) {
            return $this->withoutReference($point, $measured, $column, $covariance);
        }
        $deviation = $measured->minus($point->reference);
        $sigmas = [0.0, 0.0, 0.0];
        $determined = [false, false, false];
        $verdicts = [];
        foreach ($deviation->toArray() as $axis => $mm) {
            $i = $column + $axis;
            $sigmas[$axis] = sqrt($covariance->variance($i));
            $determined[$axis] = $this->isHeld($covariance, $i);
            $verdicts[] = $determined[$axis]
                ? Verdict::of($mm, $this->options->coverage * $sigmas[$axis], $point->tolerance->mm[$axis])
                : Verdict::Unsure;
        }

        return new PointResult($point->id, $measured, Vector3::of(...$sigmas), $deviation, $determined, $verdicts, Verdict::worst($verdicts));
    }

    /** Where it is can be said, whether that is right cannot. */
    private function withoutReference(Point $point, Vector3 $measured, int $column, Covariance $covariance): PointResult
    {
        $axes = [0, 1, 2];
        $sigma = Vector3::of(...array_map(fn (int $axis): float => sqrt($covariance->variance($column + $axis)), $axes));
        $determined = array_map(fn (int $axis): bool => $this->isHeld($covariance, $column + $axis), $axes);

        return new PointResult($point->id, $measured, $sigma, null, [$determined[0], $determined[1], $determined[2]], [], Verdict::Unsure);
    }

    private function isHeld(Covariance $covariance, int $i): bool
    {
        foreach ($covariance->loose as $direction) {
            if (abs($direction[$i]) > DatumChooser::FIRM) {
                return false;
            }
        }

        return true;
    }
}
