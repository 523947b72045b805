<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
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

    /** No point of a frame stands this far from all the others. */
    private const FAR_MM = 3000.0;

    /** Widths and heights along a frame differ by less than this share, so that a ratio near 25.4 is no chance. */
    private const INCHES_WITHIN = 0.15;

    /** Two points closer than this are one hole named twice. */
    private const SAME_MM = 2.0;

    /** No frame is shorter than this (mm); written in inches, a frame of 10 m would be. */
    private const SHORTEST_FRAME_MM = 400.0;

    /** @return list<ChartFault> */
    public function check(Frame $frame): array
    {
        $charted = array_values(array_filter($frame->points, fn (Point $point): bool => $point->reference !== null));

        return $charted === [] ? [] : [
            ...$this->mates($frame),
            ...$this->mirrored($frame),
            ...$this->places($charted),
            ...$this->extent($charted),
            ...$this->otherUnit($charted),
            ...$this->base($charted),
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

    /** @return list<ChartFault> */
    private function mirrored(Frame $frame): array
    {
        $faults = [];
        foreach ($frame->points as $left) {
            if ($left->side !== Side::Left || $left->mate === null || ! $frame->has($left->mate)) {
                continue;
            }
            [$l, $r] = [$left->reference, $frame->point($left->mate)->reference];
            if ($l === null || $r === null) {
                continue;
            }
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
        $ratio = abs($a) < 1e-9 || abs($b) < 1e-9 ? 0.0 : max(abs($a / $b), abs($b / $a));
        [$kind, $reason] = match (true) {
            abs($ratio - Length::MILLIMETRES_PER_INCH) < 0.3 => [FaultKind::Units, ' One is 25.4 times the other: one is probably in inches.'],
            $axis === 'offset' && abs($a - $b) < self::MIRRORED_MM => [FaultKind::Mirror, ' Both lie on the same side: a minus is probably missing.'],
            default => [FaultKind::Mirror, ''],
        };

        return new ChartFault($kind, [$left, $right], Sentence::of('chart.mirror', "{left} and {right} do not mirror: {axis} {one} and {other}.$reason", left: $left, right: $right, axis: $axis, one: Measure::given($a), other: Measure::given($b)));
    }

    /**
     * @param  list<Point>  $charted
     * @return list<ChartFault>
     */
    private function places(array $charted): array
    {
        $faults = [];
        foreach ($charted as $i => $point) {
            $nearest = INF;
            foreach ($charted as $j => $other) {
                if ($i === $j || $point->reference === null || $other->reference === null) {
                    continue;
                }
                $apart = $point->reference->minus($other->reference)->norm();
                $nearest = min($nearest, $apart);
                if ($i < $j && $apart < self::SAME_MM) {
                    $faults[] = new ChartFault(FaultKind::SamePlace, [$point->id, $other->id], Sentence::of('chart.same-place', '{point} and {other} are {apart} apart: one of them probably has the numbers of the other.', point: $point->id, other: $other->id, apart: Measure::computed($apart)));
                }
            }
            if (count($charted) > 2 && $nearest > self::FAR_MM) {
                $faults[] = new ChartFault(FaultKind::FarAway, [$point->id], Sentence::of('chart.far-away', '{point} lies {metres} m from the nearest other point: check its numbers and the decimal point.', point: $point->id, metres: sprintf('%.1f', $nearest / 1000)));
            }
        }

        return $faults;
    }

    /**
     * @param  list<Point>  $charted
     * @return list<ChartFault>
     */
    private function extent(array $charted): array
    {
        if (count($charted) < 4) {
            return [];
        }
        $ids = array_map(fn (Point $point): string => $point->id, $charted);
        [$x, $y, $z] = [
            $this->span(array_map(fn (Point $point): float => $this->at($point)->x, $charted)),
            $this->span(array_map(fn (Point $point): float => $this->at($point)->y, $charted)),
            $this->span(array_map(fn (Point $point): float => $this->at($point)->z, $charted)),
        ];
        $faults = [];
        if (max($y, $z) > $x) {
            $faults[] = new ChartFault(FaultKind::Axes, $ids, Sentence::of('chart.axes', 'The frame is longer along its {columns} ({long}) than along its stations ({short}): two columns are probably swapped.', columns: $y > $z ? 'offsets' : 'heights', long: Measure::given(round(max($y, $z))), short: Measure::given(round($x))));
        }
        $wrongSide = array_values(array_filter($charted, fn (Point $point): bool => ($point->side === Side::Left && $this->at($point)->y > 0) || ($point->side === Side::Right && $this->at($point)->y < 0)));
        if ($wrongSide !== []) {
            $faults[] = new ChartFault(FaultKind::Axes, array_map(fn (Point $point): string => $point->id, $wrongSide), Sentence::of('chart.side', 'Offsets are positive to the right as the driver sits; on the other side of what they are called lie: {points}.', points: implode(', ', array_map(fn (Point $point): string => $point->id, $wrongSide))));
        }
        if (max($x, $y, $z) < self::SHORTEST_FRAME_MM) {
            $faults[] = new ChartFault(FaultKind::Units, $ids, Sentence::of('chart.inches', 'The whole frame is {long} long: the chart is probably in inches.', long: Measure::given(round(max($x, $y, $z)))));
        }

        return $faults;
    }

    /**
     * Points whose offset or height is about 25.4 times smaller than that of the others: a row in inches.
     *
     * @param  list<Point>  $charted
     * @return list<ChartFault>
     */
    private function otherUnit(array $charted): array
    {
        $faults = [];
        foreach (['offset' => fn (Point $point): float => abs($this->at($point)->y), 'height' => fn (Point $point): float => abs($this->at($point)->z)] as $axis => $size) {
            $sizes = array_map($size, array_filter($charted, fn (Point $point): bool => $axis === 'height' || $point->side !== Side::Centre));
            sort($sizes);
            $usual = $sizes[intdiv(count($sizes), 2)] ?? 0.0;
            $odd = array_values(array_filter($charted, fn (Point $point): bool => ($axis === 'height' || $point->side !== Side::Centre) && $size($point) > 0.0 && abs($usual / $size($point) / Length::MILLIMETRES_PER_INCH - 1) < self::INCHES_WITHIN));
            if ($odd !== [] && count($odd) < count($charted) / 2) {
                $ids = array_map(fn (Point $point): string => $point->id, $odd);
                $faults[] = new ChartFault(FaultKind::Units, $ids, Sentence::of('chart.row-in-inches', 'The {axis} of {points} is about 25.4 times smaller than that of the others ({usual}): probably in inches.', axis: $axis, points: implode(', ', $ids), usual: Measure::given(round($usual))));
            }
        }

        return $faults;
    }

    /**
     * @param  list<Point>  $charted
     * @return list<ChartFault>
     */
    private function base(array $charted): array
    {
        $base = array_filter($charted, fn (Point $point): bool => $point->base);

        return count($base) >= 3 ? [] : [new ChartFault(FaultKind::Base, array_values(array_map(fn (Point $point): string => $point->id, $base)), Sentence::of('chart.base', '{count} points are marked as base; at least three, not in one line, have to be taken as undamaged to lay the frame on the chart.', count: count($base)))];
    }

    /** @param  list<float>  $along */
    private function span(array $along): float
    {
        return $along === [] ? 0.0 : max($along) - min($along);
    }

    private function at(Point $point): Vector3
    {
        return $point->reference ?? Vector3::of(0, 0, 0);
    }
}
