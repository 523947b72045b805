<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;

/** What a careful technician would say about the cuts before the saw starts. */
final readonly class PlanChecker
{
    /** Distance from a hole or axle within which a cut is named: a hand's width, shop practice. */
    private const CLEAR_OF_POINT_MM = 75.0;

    private const CLEAR_OF_AXLE_MM = 300.0;

    private const LEVEL_RAIL_DEGREES = 0.5;

    /**
     * @param  list<Shift>  $shifts
     * @return list<string>
     */
    public function warnings(Frame $frame, array $shifts): array
    {
        $warnings = [];
        foreach ($shifts as $shift) {
            $id = $shift->operation->id();
            array_push(
                $warnings,
                ...$this->inBand($frame, $shift, $id),
                ...$this->nearPoints($frame, $shift, $id),
                ...$this->nearAxles($frame, $shift, $id),
                ...$this->rail($frame, $shift, $id),
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
    private function rail(Frame $frame, Shift $shift, string $id): array
    {
        $rail = new RailLine($frame);
        $degrees = rad2deg($rail->slope($shift->cut));
        $warnings = [];
        if (abs($degrees) > self::LEVEL_RAIL_DEGREES) {
            $warnings[] = sprintf('%s cuts where the rail slopes by %.1f°; a straight, level stretch of rail is the better place.', $id, $degrees);
        }
        if ($rail->bends($shift->cut, $shift->bandEnd) !== []) {
            $warnings[] = "$id takes out a bend of the rail: the two ends will not meet in line.";
        }

        return $warnings;
    }
}
