<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\SurveyResult;

/**
 * Holds two sources for one frame against each other. They are laid together on the points they agree on (a trimmed
 * least-squares fit, Rousseeuw & Leroy, Robust Regression and Outlier Detection, chapter 5), so that a wrong region does not
 * tilt the rest, and the survey is laid on the same points.
 */
final readonly class SourceComparer
{
    /** What careful shops hold; sources nearer than this agree. */
    public const AGREE_MM = 3.0;

    /**
     * @param  array<string, Vector3>  $first  mm
     * @param  array<string, Vector3>  $second  mm
     * @param  array{string, string}  $names  of the two sources
     * @param  list<string>  $base  points taken as undamaged: where two halves differ, the half with these is what they agree on
     *
     * @throws DegenerateGeometry if they share fewer than three points not in a line
     */
    public function compare(array $first, array $second, array $names, ?SurveyResult $measured = null, array $base = []): SourceComparison
    {
        $common = array_map(strval(...), array_keys(array_intersect_key($first, $second)));
        $fitter = new SourceFitter;
        $agreed = $fitter->agreed($first, $second, $common, array_values(array_intersect($common, $base)));
        $motion = $fitter->motion($second, $first, $agreed);
        $laid = array_map($motion->apply(...), array_intersect_key($second, $first));
        $differences = [];
        foreach ($common as $id) {
            $differences[$id] = $laid[$id]->minus($first[$id]);
        }
        $fits = $measured === null ? [] : $fitter->squares($first, $laid, $agreed, $measured);
        $regions = (new RegionFinder)->find($first, $differences, $fits);
        $only = array_map(strval(...), [...array_keys(array_diff_key($first, $second)), ...array_keys(array_diff_key($second, $first))]);

        return new SourceComparison($differences, $regions, $only, (new ComparisonSentence)->say($regions, $names, $measured !== null));
    }
}
