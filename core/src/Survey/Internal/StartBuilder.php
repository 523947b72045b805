<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\RigidMotionFitter;

/**
 * Finds positions to start from for points that no chart places. Lengths alone do not tell a frame from its mirror image, so
 * both are tried and the one that the readings fit better is kept; the adjustment then takes it to where the readings are.
 */
final readonly class StartBuilder
{
    private const NEAR_ENOUGH_MM = 1e-3;

    public function __construct(private NetworkAdjuster $adjuster) {}

    /**
     * From the chart as far as it goes, put right where it is plainly wrong; else from the readings.
     *
     * @param  list<Reading>  $readings
     *
     * @throws CannotComputeSurvey if the readings do not settle from any start
     * @throws UnknownPoint if a reading names a point that the frame does not have
     */
    public function build(Frame $frame, array $readings): Start
    {
        foreach ($readings as $reading) {
            array_map($frame->point(...), $reading->kind->points());
        }
        $chart = $frame->chart();
        $screened = (new GrossScreen)->screen($frame, $chart, $readings);

        return new Start($this->complete($frame, $readings, $screened->at), $screened->gross);
    }

    /**
     * Whether some point has to be placed by the readings themselves.
     *
     * @param  list<Reading>  $readings
     */
    public function isBuilt(Frame $frame, array $readings): bool
    {
        foreach ($readings as $reading) {
            foreach ($reading->kind->points() as $id) {
                if ($frame->point($id)->reference === null) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<Reading>  $readings
     * @param  array<string, Vector3>  $known  chart positions (mm)
     * @return array<string, Vector3> the known ones and a place for every other point that a reading touches
     *
     * @throws CannotComputeSurvey if the readings do not settle from any start
     */
    public function complete(Frame $frame, array $readings, array $known): array
    {
        $touched = [];
        foreach ($readings as $reading) {
            foreach ($reading->kind->points() as $id) {
                $touched[$id] = true;
            }
        }
        if (array_diff_key($touched, $known) === []) {
            return $known;
        }
        $ids = array_values(array_filter(array_map(fn ($point): string => $point->id, $frame->points), fn (string $id): bool => isset($touched[$id])));
        $this->mustHaveHeights($ids, $readings, $known);
        $best = null;
        $min = INF;
        $failure = null;
        foreach ((new DistanceLayout)->layouts($frame, $ids, $readings) as $layout) {
            $start = $this->laid($layout, $known);
            try {
                $adjusted = $this->adjuster->adjust(new Network($readings, $start), $start, self::NEAR_ENOUGH_MM);
            } catch (CannotComputeSurvey|DegenerateGeometry $caught) {
                $failure = $caught;

                continue;
            }
            $sum = array_sum(array_map(fn (float $w): float => $w * $w, $adjusted->misclosures));
            // A start that fits no better than by rounding does not displace an earlier one.
            if ($sum < $min * (1 - 1e-6) - 1e-9) {
                [$best, $min] = [$adjusted->at, $sum];
            }
        }
        if ($best === null) {
            throw $failure ?? CannotComputeSurvey::noPairs();
        }

        return array_intersect_key($known, $best) === [] ? $best : $this->laid($best, $known);
    }

    /**
     * Points laid out in the plane z = 0 by lengths in it.
     *
     * @param  list<Reading>  $readings
     * @return array<string, Vector3> mm
     *
     * @throws CannotComputeSurvey
     */
    public function inPlane(Frame $frame, array $readings): array
    {
        $touched = [];
        foreach ($readings as $reading) {
            $touched += array_fill_keys($reading->kind->points(), true);
        }
        $ids = array_values(array_filter(array_map(fn ($point): string => $point->id, $frame->points), fn (string $id): bool => isset($touched[$id])));
        $layouts = (new DistanceLayout)->layouts($frame, $ids, $readings);
        $flat = array_map(fn (Vector3 $place): Vector3 => Vector3::of($place->x, $place->y, 0.0), $layouts[count($layouts) - 1]);

        return $this->adjuster->adjust(new Network($readings, $flat), $flat, self::NEAR_ENOUGH_MM)->at;
    }

    /**
     * @param  list<string>  $ids
     * @param  list<Reading>  $readings
     * @param  array<string, Vector3>  $known
     *
     * @throws CannotComputeSurvey naming the points whose height nothing tells
     */
    private function mustHaveHeights(array $ids, array $readings, array $known): void
    {
        $told = $known;
        foreach ($readings as $reading) {
            // A chain of rises that nothing holds starts at zero: where the bench is does not matter.
            if ($reading->kind::tellsHeight()) {
                $told += array_fill_keys($reading->kind->points(), Vector3::of(0, 0, 0));
            }
        }
        $untold = array_values(array_filter($ids, fn (string $id): bool => ! isset($told[$id])));
        if ($untold !== []) {
            throw CannotComputeSurvey::heightsWanted($untold);
        }
    }

    /**
     * Lays positions on the known ones, which then stand where they are known.
     *
     * @param  array<string, Vector3>  $layout
     * @param  array<string, Vector3>  $known
     * @return array<string, Vector3>
     */
    private function laid(array $layout, array $known): array
    {
        $common = array_keys(array_intersect_key($layout, $known));
        try {
            $motion = (new RigidMotionFitter)->fit(
                array_map(fn (string|int $id): Vector3 => $layout[$id], $common),
                array_map(fn (string|int $id): Vector3 => $known[$id], $common),
            );
        } catch (DegenerateGeometry) {
            return array_replace($layout, $known);
        }

        return array_replace(array_map($motion->apply(...), $layout), $known);
    }
}
