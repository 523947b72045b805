<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\Verdict;

/** A made-up frame: what its chart says, where its points really are, and what was done to it. */
final readonly class SimulatedFrame
{
    /**
     * @param  array<string, Vector3>  $truth  mm, on the bench
     * @param  list<Damage>  $damages
     */
    public function __construct(public Frame $frame, public array $truth, public array $damages) {}

    /**
     * Where the points really are, laid on the base points as a survey would lay them, and what that means against their tolerances.
     *
     * @return list<PointResult>
     */
    public function asMeasured(): array
    {
        $base = array_values(array_filter($this->frame->points, fn (Point $point): bool => $point->base && $point->reference !== null));
        $motion = (new RigidMotionFitter)->fit(
            array_map(fn (Point $point): Vector3 => $this->truth[$point->id], $base),
            array_map(fn (Point $point): Vector3 => $point->reference ?? $this->truth[$point->id], $base),
        );
        $exact = Vector3::of(0, 0, 0);

        return array_map(function (Point $point) use ($motion, $exact): PointResult {
            if ($point->reference === null) {
                return PointResult::unmeasured($point->id);
            }
            $is = $motion->apply($this->truth[$point->id]);
            $off = $is->minus($point->reference);
            $axes = array_map(fn (float $mm, float $tolerance): Verdict => Verdict::of($mm, 0.0, $tolerance), $off->toArray(), $point->tolerance->mm);

            return new PointResult($point->id, $is, $exact, $off, [true, true, true], $axes, Verdict::worst($axes), expanded: $exact);
        }, $this->frame->points);
    }
}
