<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\EigenSolver;
use Geodex\Core\LinearAlgebra\SparseRow;
use Geodex\Core\Survey\Reading\Reading;

/**
 * Holds readings against the chart before anything is adjusted: a length in the wrong unit would bend the whole frame, and a line
 * of the chart with its sign lost would start a point on the wrong side. It decides nothing: it only says where to start.
 */
final readonly class GrossScreen
{
    /** No frame that still stands is bent by more than this over one reading (mm). */
    private const GROSS_MM = 120.0;

    /** A height, offset or station further than this from what the plane through all of them says (mm). */
    private const GROSS_ON_BENCH_MM = 60.0;

    /** Rounds in which the plane through the heights learns to disregard what is gross. */
    private const ROUNDS = 4;

    /** Fewer lengths than this do not say that it is the chart and not they that are wrong. */
    private const MIN_LENGTHS = 3;

    private const MAX_SHARE = 0.25;

    /**
     * @param  array<string, Vector3>  $chart  mm
     * @param  list<Reading>  $readings
     */
    public function screen(Frame $frame, array $chart, array $readings): Start
    {
        $gross = $this->gross($chart, $readings);
        if ($gross === []) {
            return new Start($chart);
        }
        $misplaced = $this->misplaced($chart, $readings, $gross);
        foreach ($misplaced as $id) {
            $chart[$id] = $this->betterPlace(id: $id, misplaced: $misplaced, frame: $frame, chart: $chart, readings: $readings);
        }
        $gross = $misplaced === [] ? $gross : $this->gross($chart, $readings);
        $still = array_flip($this->misplaced($chart, $readings, $gross));
        // What a misplaced point makes of its readings says nothing about them.
        $gross = array_values(array_filter($gross, fn (int $i): bool => array_intersect_key($still, array_flip($readings[$i]->kind->points())) === []));

        return new Start($chart, count($gross) > self::MAX_SHARE * count($readings) ? [] : $gross);
    }

    /**
     * @param  array<string, Vector3>  $chart
     * @param  list<Reading>  $readings
     * @return list<int>
     */
    private function gross(array $chart, array $readings): array
    {
        $off = $seesBench = [];
        foreach ($readings as $i => $reading) {
            if (array_diff_key(array_flip($reading->kind->points()), $chart) !== [] || $reading->kind::quantity() !== 'length') {
                continue;
            }
            try {
                $mm = $reading->value - $reading->kind->linearise($chart)->predicted;
            } catch (CoreFailure) {
                continue;
            }
            if (count($reading->kind->points()) === 1) {
                $seesBench[$reading->kind::name()][$i] = [$mm, $chart[$reading->kind->points()[0]]];
            } else {
                $off[$i] = abs($mm) > self::GROSS_MM;
            }
        }
        foreach ($seesBench as $all) {
            foreach ($this->beyondPlane($all) as $i => $mm) {
                $off[$i] = count($all) > self::MIN_LENGTHS && abs($mm) > self::GROSS_ON_BENCH_MM;
            }
        }
        $gross = array_keys(array_filter($off));
        sort($gross);

        return $gross;
    }

    /**
     * Points of which most lengths are gross.
     *
     * @param  array<string, Vector3>  $chart
     * @param  list<Reading>  $readings
     * @param  list<int>  $gross
     * @return list<string> the worst first
     */
    private function misplaced(array $chart, array $readings, array $gross): array
    {
        $is = array_flip($gross);
        $all = $bad = [];
        foreach ($readings as $i => $reading) {
            if (count($reading->kind->points()) === 1 || array_diff_key(array_flip($reading->kind->points()), $chart) !== []) {
                continue;
            }
            foreach ($reading->kind->points() as $id) {
                $all[$id] = ($all[$id] ?? 0) + 1;
                $bad[$id] = ($bad[$id] ?? 0) + (isset($is[$i]) ? 1 : 0);
            }
        }
        $misplaced = [];
        foreach ($all as $id => $count) {
            if ($count >= self::MIN_LENGTHS && 2 * $bad[$id] > $count) {
                $misplaced[$id] = $bad[$id] / $count;
            }
        }
        arsort($misplaced);

        return array_map(strval(...), array_keys($misplaced));
    }

    /**
     * Where a point would stand if a sign were lost, its line swapped with another, or its mate mirrored: whichever fits most of its lengths.
     *
     * @param  list<string>  $misplaced
     * @param  array<string, Vector3>  $chart
     * @param  list<Reading>  $readings
     */
    private function betterPlace(string $id, array $misplaced, Frame $frame, array $chart, array $readings): Vector3
    {
        $own = $chart[$id];
        $places = [$own, Vector3::of($own->x, -$own->y, $own->z), Vector3::of($own->x, $own->y, -$own->z), Vector3::of(-$own->x, $own->y, $own->z)];
        $mate = $frame->point($id)->mate;
        if ($mate !== null && isset($chart[$mate])) {
            $places[] = Vector3::of($chart[$mate]->x, -$chart[$mate]->y, $chart[$mate]->z);
        }
        foreach ($frame->points as $point) {
            if ($point->id !== $id && $point->reference !== null && in_array($point->id, $misplaced, true)) {
                $places[] = $point->reference;
            }
        }
        $best = $own;
        $max = -1;
        foreach ($places as $place) {
            $fit = 0;
            foreach ($readings as $reading) {
                if ($reading->kind::quantity() === 'length' && in_array($id, $reading->kind->points(), true) && array_diff_key(array_flip($reading->kind->points()), $chart) === []) {
                    try {
                        $fit += abs($reading->value - $reading->kind->linearise(array_replace($chart, [$id => $place]))->predicted) <= self::GROSS_MM ? 1 : 0;
                    } catch (CoreFailure) {
                        continue;
                    }
                }
            }
            if ($fit > $max) {
                [$best, $max] = [$place, $fit];
            }
        }

        return $best;
    }

    /**
     * What is left of readings on the bench once the bench is turned and shifted against the chart: the plane through them, each weighted
     * less the further it lies off (Huber, Robust Statistics, chapter 7).
     *
     * @param  non-empty-array<int, array{float, Vector3}>  $all  misclosure and chart position (mm)
     * @return array<int, float> mm
     */
    private function beyondPlane(array $all): array
    {
        $values = array_column($all, 0);
        sort($values);
        $middle = $values[intdiv(count($values), 2)];
        $off = array_map(fn (array $one): float => $one[0] - $middle, $all);
        for ($round = 0; $round < self::ROUNDS && count($all) > self::MIN_LENGTHS; $round++) {
            $rows = $right = [];
            foreach ($all as $i => [$mm, $at]) {
                $weight = sqrt(min(1.0, self::GROSS_ON_BENCH_MM / 4 / max(1e-9, abs($off[$i]))));
                $rows[] = [$weight, $weight * $at->x / 1000, $weight * $at->y / 1000];
                $right[] = $weight * ($mm - $middle);
            }
            $sums = [0.0, 0.0, 0.0];
            foreach ($rows as $k => $row) {
                SparseRow::addTo($sums, $row, $right[$k]);
            }
            [$shift, $along, $across] = (new EigenSolver)->factor($rows, 3)->solve($sums);
            $off = array_map(fn (array $one): float => $one[0] - $middle - $shift - $along * $one[1]->x / 1000 - $across * $one[1]->y / 1000, $all);
        }

        return $off;
    }
}
