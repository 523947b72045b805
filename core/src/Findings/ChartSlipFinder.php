<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * Strong evidence against the chart, from the readings alone, so that it can be said where nothing can be computed: two lines swapped, a
 * sign lost, mates mirrored, a whole column in the place of another. What the chart would have to be is held against every reading.
 */
final readonly class ChartSlipFinder
{
    /** A reading further off than this is not from a frame that is merely bent (mm). */
    private const BEYOND_BENDING_MM = 40.0;

    /** A reading within this fits a chart of a frame that may be bent (mm). */
    private const FITS_MM = 25.0;

    /** Fewer readings than this say nothing of a point. */
    private const MIN_READINGS = 3;

    private const AXES = ['station', 'offset', 'height'];

    /** @return list<ChartDoubt> */
    public function find(Frame $frame, Survey $survey): array
    {
        $chart = $frame->chart();
        $readings = array_values(array_filter($survey->readingsInUse(), fn (Reading $reading): bool => $reading->kind::quantity() === 'length' && array_diff_key(array_flip($reading->kind->points()), $chart) === []));
        $axes = $this->columns($chart, $readings);
        if ($axes !== null) {
            return [$axes];
        }
        $doubts = [];
        for ($left = count($chart); $left > 0; $left--) {
            $doubt = $this->clearest($frame, $chart, $readings);
            if ($doubt === null) {
                break;
            }
            [$doubts[], $chart] = $doubt;
        }

        return $doubts;
    }

    /**
     * The slip that makes most readings fit.
     *
     * @param  array<string, Vector3>  $chart
     * @param  list<Reading>  $readings
     * @return ?array{ChartDoubt, array<string, Vector3>} and the chart without it
     */
    private function clearest(Frame $frame, array $chart, array $readings): ?array
    {
        $best = null;
        $max = 0;
        $bad = $this->badPoints($chart, $readings);
        foreach ($bad as $id) {
            foreach ($this->slips($id, $bad, $frame, $chart) as [$meant, $doubt]) {
                $touched = array_values(array_filter($readings, fn (Reading $reading): bool => array_intersect($reading->kind->points(), $doubt->points()) !== []));
                [$before, $after] = [$this->fitting($chart, $touched), $this->fitting($meant, $touched)];
                // Nearly all have to fit then, and far more than do now.
                if ($after >= 0.8 * count($touched) && 2 * $before <= $after && count($touched) >= self::MIN_READINGS && $after - $before > $max) {
                    $max = $after - $before;
                    $best = [new ChartDoubt(
                        kind: $doubt->kind,
                        point: $doubt->point,
                        axis: $doubt->axis,
                        chart: $doubt->chart,
                        measured: null,
                        suggested: $doubt->suggested,
                        text: Sentence::of($doubt->text->code, '{slip} With that {after} of {all} readings fit; as it stands {before} do. Hold it against the sheet before anything is judged there.', slip: $doubt->text, after: $after, all: count($touched), before: $before),
                        other: $doubt->other,
                    ), $meant];
                }
            }
        }

        return $best;
    }

    /**
     * @param  list<string>  $bad
     * @param  array<string, Vector3>  $chart
     * @return iterable<array{array<string, Vector3>, ChartDoubt}>
     */
    private function slips(string $id, array $bad, Frame $frame, array $chart): iterable
    {
        $own = $chart[$id];
        foreach ([Vector3::of(-$own->x, $own->y, $own->z), Vector3::of($own->x, -$own->y, $own->z), Vector3::of($own->x, $own->y, -$own->z)] as $axis => $place) {
            [$is, $meant] = [$own->toArray()[$axis], $place->toArray()[$axis]];
            yield [array_replace($chart, [$id => $place]), new ChartDoubt(
                kind: DoubtKind::Sign,
                point: $id,
                axis: $axis,
                chart: $is,
                measured: null,
                suggested: $meant,
                text: Sentence::of('chart.sign', 'In the chart of {point} the sign of the {axis} is probably wrong: {is}, where {meant} was meant.', point: $id, axis: self::AXES[$axis], is: Measure::given($is), meant: Measure::given($meant)),
            )];
        }
        foreach ($bad as $other) {
            if (strcmp($id, $other) < 0) {
                $mates = $frame->point($id)->mate === $other;
                yield [array_replace($chart, [$id => $chart[$other], $other => $own]), new ChartDoubt(kind: $mates ? DoubtKind::Mirrored : DoubtKind::Swapped, point: $id, axis: null, chart: null, measured: null, suggested: null, text: $mates
                    ? Sentence::of('chart.mirrored', 'In the chart {point} and {other} are probably mirrored: left stands for right.', point: $id, other: $other)
                    : Sentence::of('chart.swapped', 'In the chart the lines of {point} and {other} are probably swapped.', point: $id, other: $other), other: $other)];
            }
        }
    }

    /**
     * A whole column in the place of another: lengths do not notice, heights and offsets do.
     *
     * @param  array<string, Vector3>  $chart
     * @param  list<Reading>  $readings
     */
    private function columns(array $chart, array $readings): ?ChartDoubt
    {
        $onBench = array_values(array_filter($readings, fn (Reading $reading): bool => count($reading->kind->points()) === 1));
        if (count($onBench) <= self::MIN_READINGS) {
            return null;
        }
        $before = $this->fitting($chart, $onBench);
        foreach ([[0, 1], [0, 2], [1, 2]] as [$a, $b]) {
            $meant = array_map(function (Vector3 $place) use ($a, $b): Vector3 {
                $xyz = $place->toArray();
                [$xyz[$a], $xyz[$b]] = [$xyz[$b], $xyz[$a]];

                return Vector3::of(...$xyz);
            }, $chart);
            $after = $this->fitting($meant, $onBench);
            if ($after >= 0.8 * count($onBench) && 2 * $before <= $after) {
                return new ChartDoubt(
                    kind: DoubtKind::Axes,
                    point: (string) array_key_first($chart),
                    axis: null,
                    chart: null,
                    measured: null,
                    suggested: null,
                    text: Sentence::of('chart.axes', 'In the chart the columns {one} and {other} are probably swapped, for every point: with them exchanged {after} of {all} readings against the bench fit; as it stands {before} do.', one: self::AXES[$a], other: self::AXES[$b], after: $after, all: count($onBench), before: $before),
                );
            }
        }

        return null;
    }

    /**
     * Points of which most readings are beyond what bending does, or all of whose readings to sound points are.
     *
     * @param  array<string, Vector3>  $chart
     * @param  list<Reading>  $readings
     * @return list<string>
     */
    private function badPoints(array $chart, array $readings): array
    {
        $all = $off = [];
        foreach ($this->misfits($chart, $readings) as $i => $mm) {
            foreach ($readings[$i]->kind->points() as $id) {
                $all[$id] = ($all[$id] ?? 0) + 1;
                $off[$id] = ($off[$id] ?? 0) + ($mm > self::BEYOND_BENDING_MM ? 1 : 0);
            }
        }
        $bad = array_filter($all, fn (int $count, string|int $id): bool => $count >= self::MIN_READINGS && 3 * $off[$id] >= $count, ARRAY_FILTER_USE_BOTH);
        arsort($bad);

        return array_map(strval(...), array_keys($bad));
    }

    /**
     * @param  array<string, Vector3>  $chart
     * @param  list<Reading>  $readings
     */
    private function fitting(array $chart, array $readings): int
    {
        return count(array_filter($this->misfits($chart, $readings), fn (float $mm): bool => $mm <= self::FITS_MM));
    }

    /**
     * What each reading is off the chart; those against the bench less what most of their kind are, since the bench may stand anywhere.
     *
     * @param  array<string, Vector3>  $chart
     * @param  list<Reading>  $readings
     * @return array<int, float> mm, never negative
     */
    private function misfits(array $chart, array $readings): array
    {
        $misfits = $onBench = [];
        foreach ($readings as $i => $reading) {
            try {
                $mm = $reading->value - $reading->kind->linearise($chart)->predicted;
            } catch (CoreFailure) {
                $mm = INF;
            }
            $misfits[$i] = abs($mm);
            if (count($reading->kind->points()) === 1) {
                $onBench[$reading->kind::name()][$i] = $mm;
            }
        }
        foreach ($onBench as $all) {
            $sorted = array_values($all);
            sort($sorted);
            $usual = $sorted[intdiv(count($sorted), 2)];
            foreach ($all as $i => $mm) {
                $misfits[$i] = count($all) > self::MIN_READINGS ? abs($mm - $usual) : 0.0;
            }
        }

        return $misfits;
    }
}
