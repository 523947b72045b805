<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Units\Spoken;

/** What a careful technician would say about the cuts before the saw starts. */
final readonly class PlanChecker
{
    /** Distance from a hole or axle within which a cut is named: a hand's width, shop practice. */
    private const CLEAR_OF_POINT_MM = 75.0;

    private const CLEAR_OF_AXLE_MM = 300.0;

    private const LEVEL_RAIL_DEGREES = 0.5;

    /** Ends that miss by less are brought together by the clamp. */
    private const MISSES_MM = 0.5;

    /**
     * @param  list<Shift>  $shifts
     * @param  ?float  $wheelbase  after all of them (mm)
     * @return list<string>
     */
    public function warnings(Frame $frame, array $shifts, ?float $wheelbase = null): array
    {
        $warnings = [];
        foreach ($shifts as $shift) {
            $id = $shift->operation->id();
            array_push(
                $warnings,
                ...$this->inBand($frame, $shift, $id),
                ...$this->nearPoints($frame, $shift, $id),
                ...$this->nearAxles($frame, $shift, $id),
                ...$this->rail($frame, $shift, $id, $wheelbase),
                ...$this->taper($frame, $shift, $id),
            );
        }

        return $warnings;
    }

    /** @return list<string> */
    private function inBand(Frame $frame, Shift $shift, string $id): array
    {
        $points = array_filter($frame->points, fn (Point $point): bool => $point->reference !== null && $shift->takesOut($point->reference->x));
        $axles = array_filter($frame->axles, fn (Axle $axle): bool => $shift->takesOut($axle->station));
        $warnings = [];
        if ($points !== []) {
            $warnings[] = "$id takes out the rail that carries ".implode(', ', array_map(fn (Point $point): string => $point->id, $points)).'; what is mounted there needs a new place.';
        }
        foreach ($axles as $axle) {
            $warnings[] = "$id takes out the rail over the {$axle->id} axle.";
        }

        return $warnings;
    }

    /** @return list<string> */
    private function nearPoints(Frame $frame, Shift $shift, string $id): array
    {
        $near = [];
        foreach ($frame->points as $point) {
            $distance = $point->reference === null ? INF : min(abs($point->reference->x - $shift->cut), abs($point->reference->x - $shift->bandEnd));
            if ($distance < self::CLEAR_OF_POINT_MM) {
                $near[] = $point->id;
            }
        }

        return $near === [] ? [] : [sprintf('%s cuts within %d mm of %s; keep cuts clear of holes and mounts.', $id, self::CLEAR_OF_POINT_MM, implode(', ', $near))];
    }

    /** @return list<string> */
    private function nearAxles(Frame $frame, Shift $shift, string $id): array
    {
        $warnings = [];
        foreach ($frame->axles as $axle) {
            if (abs($axle->station - $shift->cut) < self::CLEAR_OF_AXLE_MM || abs($axle->station - $shift->bandEnd) < self::CLEAR_OF_AXLE_MM) {
                $warnings[] = sprintf('%s cuts within %d mm of the %s axle; keep cuts away from spring hangers and suspension mounts.', $id, self::CLEAR_OF_AXLE_MM, $axle->id);
            }
        }
        $stations = array_map(fn (Axle $axle): float => $axle->station, $frame->axles);
        if (count($stations) > 1 && ($shift->cut < min($stations) || $shift->cut > max($stations))) {
            $warnings[] = "$id lies outside the axles: the wheelbase stays, the overhang changes.";
        }

        return $warnings;
    }

    /** @return list<string> */
    private function rail(Frame $frame, Shift $shift, string $id, ?float $wheelbase): array
    {
        $rail = new RailLine($frame);
        $degrees = rad2deg($rail->slope($shift->cut));
        $warnings = [];
        if (abs($degrees) > self::LEVEL_RAIL_DEGREES) {
            $warnings[] = sprintf('%s cuts where the rail slopes by %.1f°; a straight, level stretch of rail is the better place.', $id, $degrees);
            $warnings[] = $this->onSlope($shift, $id, $wheelbase);
        }
        if ($rail->bends($shift->cut, $shift->bandEnd) !== []) {
            $warnings[] = "$id takes out a bend of the rail: the two ends will not meet in line.";
        }

        return $warnings;
    }

    /** What a cut on a slope does besides what was asked: by its own slope, or level where the insert is laid level. */
    private function onSlope(Shift $shift, string $id, ?float $wheelbase): string
    {
        $asked = abs($shift->operation->growth());
        [$along, $up] = [abs($shift->by->x), $shift->by->z];
        $raised = abs($up) < 0.05 ? 'nothing behind it is raised or lowered' : sprintf('all behind it is %s by %s', $up > 0 ? 'raised' : 'lowered', Spoken::measure(abs($up)));
        $attitude = $wheelbase === null || $wheelbase <= 0.0 || abs($up) < 0.05
            ? ''
            : sprintf(', so that on its wheels the vehicle stands nose %s by %.2f°', $up > 0 ? 'up' : 'down', abs(rad2deg(atan2($up, $wheelbase))));

        return sprintf('%s: of the %s asked the wheelbase %s %s, and %s%s.', $id, Spoken::measure($asked), $shift->operation->growth() > 0 ? 'gains' : 'loses', Spoken::measure($along), $raised, $attitude);
    }

    /**
     * Rails that run together or apart in plan do not meet once a band is out: each side by what its offset changes over the band.
     *
     * @return list<string>
     */
    private function taper(Frame $frame, Shift $shift, string $id): array
    {
        if ($shift->operation->growth() > 0) {
            return [];
        }
        $misses = [];
        foreach ([Side::Left, Side::Right] as $side) {
            [$front, $rear] = [$this->offset($frame, $side, $shift->cut), $this->offset($frame, $side, $shift->bandEnd)];
            if ($front !== null && $rear !== null && abs($rear - $front) > self::MISSES_MM) {
                $misses[] = sprintf('the %s ends miss each other by %s, the rear one %s', $side->value, Spoken::measure(abs($rear - $front)), abs($rear) < abs($front) ? 'further in' : 'further out');
            }
        }

        return $misses === [] ? [] : [sprintf('%s: the rails taper in plan, so that after the cut %s.', $id, implode(', and ', $misses))];
    }

    /** Offset of a rail at a station, straight between the charted points of its side (mm); null beyond them. */
    private function offset(Frame $frame, Side $side, float $station): ?float
    {
        $before = $behind = null;
        foreach ($frame->points as $point) {
            if ($point->side !== $side || $point->reference === null) {
                continue;
            }
            $before = $point->reference->x <= $station && ($before === null || $point->reference->x > $before->x) ? $point->reference : $before;
            $behind = $point->reference->x >= $station && ($behind === null || $point->reference->x < $behind->x) ? $point->reference : $behind;
        }
        if ($before === null || $behind === null) {
            return null;
        }
        $span = $behind->x - $before->x;

        return $span < 1e-9 ? $before->y : $before->y + ($behind->y - $before->y) * ($station - $before->x) / $span;
    }
}
