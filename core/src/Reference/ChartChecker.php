<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\Length;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** Looks a chart over for the slips that charts and their copying have; nothing is refused, everything is named. */
final readonly class ChartChecker
{
    /** Mates of a real chart are mirrored to a few millimetres; brackets may differ, so more than this is asked about. */
    private const MIRRORED_MM = 5.0;

    /** Of two mates, one of which is in inches: a ratio nearer than this to 25.4. */
    private const RATIO_WITHIN = 0.3;

    /** No point of a frame stands this far from all the others. */
    private const FAR_MM = 3000.0;

    /** Widths and heights along a frame differ by less than this share, so that a ratio near 25.4 is no chance. */
    private const INCHES_WITHIN = 0.15;

    /** Two points closer than this are one hole named twice. */
    private const SAME_MM = 2.0;

    /** No frame is shorter than this (mm); written in inches, a frame of 10 m would be. */
    private const SHORTEST_FRAME_MM = 400.0;

    /** With fewer points it is no frame yet whose extent says anything. */
    private const FEWEST_FOR_EXTENT = 4;

    /** @return list<ChartFault> */
    public function check(Frame $frame): array
    {
        $chart = $frame->chart();

        return $chart === [] ? [] : [
            ...$this->mates($frame),
            ...$this->mirrored($frame, $chart),
            ...$this->places($chart),
            ...$this->extent($frame, $chart),
            ...$this->otherUnit($frame, $chart),
            ...$this->base($frame, $chart),
        ];
    }

    /** @return list<ChartFault> */
    private function mates(Frame $frame): array
    {
        $faults = [];
        foreach ($frame->points as $point) {
            $mate = $point->mate === null || ! $frame->has($point->mate) ? null : $frame->point($point->mate);
            if ($mate !== null && $mate->mate !== $point->id) {
                $faults[] = new ChartFault(FaultKind::Mate, [$point->id, $mate->id], Sentence::of('chart.mate', '{point} names {mate} as its mate, but {mate} names {other}.', point: $point->id, mate: $mate->id, other: $mate->mate ?? 'none'));
            }
            if ($mate !== null && $mate->side === $point->side && strcmp($point->id, $mate->id) < 0) {
                $faults[] = new ChartFault(FaultKind::Mate, [$point->id, $mate->id], Sentence::of('chart.one-side', '{point} and {mate} are mates, yet both are said to be {side}.', point: $point->id, mate: $mate->id, side: $point->side->value));
            }
        }

        return $faults;
    }

    /**
     * @param  array<string, Vector3>  $chart
     * @return list<ChartFault>
     */
    private function mirrored(Frame $frame, array $chart): array
    {
        $faults = [];
        foreach ($frame->points as $left) {
            if ($left->side !== Side::Left || ! isset($left->mate, $chart[$left->id], $chart[$left->mate])) {
                continue;
            }
            [$l, $r] = [$chart[$left->id], $chart[$left->mate]];
            foreach (['station' => [$l->x, $r->x], 'offset' => [$l->y, -$r->y], 'height' => [$l->z, $r->z]] as $axis => [$a, $b]) {
                if (abs($a - $b) > self::MIRRORED_MM) {
                    $faults[] = $this->unlike(left: $left->id, right: $left->mate, axis: $axis, a: $a, b: $axis === 'offset' ? -$b : $b);
                }
            }
        }

        return $faults;
    }

    private function unlike(string $left, string $right, string $axis, float $a, float $b): ChartFault
    {
        $ratio = $a === 0.0 || $b === 0.0 ? 0.0 : max(abs($a / $b), abs($b / $a));
        [$kind, $reason] = match (true) {
            abs($ratio - Length::MILLIMETRES_PER_INCH) < self::RATIO_WITHIN => [FaultKind::Units, ' One is 25.4 times the other: one is probably in inches.'],
            $axis === 'offset' && abs($a - $b) < self::MIRRORED_MM => [FaultKind::Mirror, ' Both lie on the same side: a minus is probably missing.'],
            default => [FaultKind::Mirror, ''],
        };

        return new ChartFault($kind, [$left, $right], Sentence::of('chart.mirror', "{left} and {right} do not mirror: {axis} {one} and {other}.$reason", left: $left, right: $right, axis: $axis, one: Measure::given($a), other: Measure::given($b)));
    }

    /**
     * @param  array<string, Vector3>  $chart
     * @return list<ChartFault>
     */
    private function places(array $chart): array
    {
        $faults = [];
        foreach ($chart as $id => $at) {
            $apart = array_map(fn (Vector3 $other): float => $other->minus($at)->norm(), array_diff_key($chart, [$id => true]));
            foreach ($apart as $other => $mm) {
                if ($mm < self::SAME_MM && strcmp((string) $id, (string) $other) < 0) {
                    $faults[] = new ChartFault(FaultKind::SamePlace, [(string) $id, (string) $other], Sentence::of('chart.same-place', '{point} and {other} are {apart} apart: one of them probably has the numbers of the other.', point: (string) $id, other: (string) $other, apart: Measure::computed($mm)));
                }
            }
            if (count($apart) > 1 && min($apart) > self::FAR_MM) {
                $faults[] = new ChartFault(FaultKind::FarAway, [(string) $id], Sentence::of('chart.far-away', '{point} lies {metres} m from the nearest other point: check its numbers and the decimal point.', point: (string) $id, metres: sprintf('%.1f', min($apart) / 1000)));
            }
        }

        return $faults;
    }

    /**
     * @param  non-empty-array<string, Vector3>  $chart
     * @return list<ChartFault>
     */
    private function extent(Frame $frame, array $chart): array
    {
        if (count($chart) < self::FEWEST_FOR_EXTENT) {
            return [];
        }
        $ids = array_map(strval(...), array_keys($chart));
        [$x, $y, $z] = [
            $this->span(array_map(fn (Vector3 $at): float => $at->x, $chart)),
            $this->span(array_map(fn (Vector3 $at): float => $at->y, $chart)),
            $this->span(array_map(fn (Vector3 $at): float => $at->z, $chart)),
        ];
        $faults = [];
        if (max($y, $z) > $x) {
            $faults[] = new ChartFault(FaultKind::Axes, $ids, Sentence::of('chart.axes', 'The frame is longer along its {columns} ({long}) than along its stations ({short}): two columns are probably swapped.', columns: $y > $z ? 'offsets' : 'heights', long: Measure::given(round(max($y, $z))), short: Measure::given(round($x))));
        }
        $wrongSide = array_values(array_filter($ids, fn (string $id): bool => match ($frame->point($id)->side) {
            Side::Left => $chart[$id]->y > 0,
            Side::Right => $chart[$id]->y < 0,
            Side::Centre => false,
        }));
        if ($wrongSide !== []) {
            $faults[] = new ChartFault(FaultKind::Axes, $wrongSide, Sentence::of('chart.side', 'Offsets are positive to the right as the driver sits; on the other side of what they are called lie: {points}.', points: implode(', ', $wrongSide)));
        }
        if (max($x, $y, $z) < self::SHORTEST_FRAME_MM) {
            $faults[] = new ChartFault(FaultKind::Units, $ids, Sentence::of('chart.inches', 'The whole frame is {long} long: the chart is probably in inches.', long: Measure::given(round(max($x, $y, $z)))));
        }

        return $faults;
    }

    /**
     * Points whose offset or height is about 25.4 times smaller than that of the others: a row in inches. The middle has no offset.
     *
     * @param  non-empty-array<string, Vector3>  $chart
     * @return list<ChartFault>
     */
    private function otherUnit(Frame $frame, array $chart): array
    {
        $beside = array_filter($chart, fn (string|int $id): bool => $frame->point((string) $id)->side !== Side::Centre, ARRAY_FILTER_USE_KEY);
        $sizes = [
            'offset' => array_map(fn (Vector3 $at): float => abs($at->y), $beside),
            'height' => array_map(fn (Vector3 $at): float => abs($at->z), $chart),
        ];
        $faults = [];
        foreach (array_filter($sizes) as $axis => $size) {
            $usual = $this->usual($size);
            $odd = array_keys(array_filter($size, fn (float $mm): bool => $mm > 0.0 && abs($usual / $mm / Length::MILLIMETRES_PER_INCH - 1) < self::INCHES_WITHIN));
            if ($odd !== [] && 2 * count($odd) < count($chart)) {
                $ids = array_map(strval(...), $odd);
                $faults[] = new ChartFault(FaultKind::Units, $ids, Sentence::of('chart.row-in-inches', 'The {axis} of {points} is about 25.4 times smaller than that of the others ({usual}): probably in inches.', axis: $axis, points: implode(', ', $ids), usual: Measure::given(round($usual))));
            }
        }

        return $faults;
    }

    /**
     * @param  non-empty-array<string, Vector3>  $chart
     * @return list<ChartFault>
     */
    private function base(Frame $frame, array $chart): array
    {
        $base = array_keys(array_filter($chart, fn (string|int $id): bool => $frame->point((string) $id)->base, ARRAY_FILTER_USE_KEY));

        return count($base) >= 3 ? [] : [new ChartFault(FaultKind::Base, array_map(strval(...), $base), Sentence::of('chart.base', '{count} points are marked as base; at least three, not in one line, have to be taken as undamaged to lay the frame on the chart.', count: count($base)))];
    }

    /** @param  non-empty-array<array-key, float>  $sizes  the upper one of the middle */
    private function usual(array $sizes): float
    {
        sort($sizes);

        return $sizes[intdiv(count($sizes), 2)];
    }

    /** @param  non-empty-array<array-key, float>  $along */
    private function span(array $along): float
    {
        return max($along) - min($along);
    }
}
