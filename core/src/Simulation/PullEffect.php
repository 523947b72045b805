<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Findings\PullStep;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\RigidMotionFitter;

/** What a pull does to a made-up frame whose truth is known. */
final readonly class PullEffect
{
    private const WAYS = ['up' => [2, 1.0], 'down' => [2, -1.0], 'right' => [1, 1.0], 'left' => [1, -1.0], 'rearward' => [0, 1.0], 'forward' => [0, -1.0]];

    /** Whether every part of it brings the points it names nearer to the chart. */
    public static function isRightWay(PullStep $pull, SimulatedFrame $bent): bool
    {
        $off = self::off($bent);
        foreach ($pull->parts as $part) {
            [$axis, $sign] = self::WAYS[$part->way->value];
            $mean = array_sum(array_map(fn (string $id): float => $off[$id]->toArray()[$axis], $part->points)) / max(1, count($part->points));
            if ($mean * $sign > 0.0) {
                return false;
            }
        }

        return $pull->parts !== [];
    }

    /** @return array<string, Vector3> mm off the chart, laid on it as a whole */
    private static function off(SimulatedFrame $bent): array
    {
        $from = $to = [];
        foreach ($bent->frame->points as $point) {
            if ($point->base) {
                $from[] = $bent->truth[$point->id];
                $to[] = $point->reference ?? Vector3::of(0, 0, 0);
            }
        }
        $motion = (new RigidMotionFitter)->fit($from, $to);
        $off = [];
        foreach ($bent->frame->points as $point) {
            $off[$point->id] = $motion->apply($bent->truth[$point->id])->minus($point->reference ?? Vector3::of(0, 0, 0));
        }

        return $off;
    }
}
