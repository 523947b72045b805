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
        if ($measured === null || $column === null || $point->reference === null) {
            return PointResult::unmeasured($point->id);
        }
        $deviation = $measured->minus($point->reference);
        $sigmas = [0.0, 0.0, 0.0];
        $determined = [false, false, false];
        $verdicts = [];
        foreach ($deviation->toArray() as $axis => $mm) {
            $i = $column + $axis;
            $sigmas[$axis] = sqrt(max(0.0, $covariance->matrix[$i][$i]));
            $determined[$axis] = $this->isHeld($covariance, $i);
            $verdicts[] = $determined[$axis]
                ? Verdict::of($mm, $this->options->coverage * $sigmas[$axis], $point->tolerance->mm[$axis])
                : Verdict::Unsure;
        }

        return new PointResult($point->id, $measured, Vector3::of(...$sigmas), $deviation, $determined, $verdicts, Verdict::worst($verdicts));
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
