<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
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
        $least = INF;
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
            if ($sum < $least * (1 - 1e-6) - 1e-9) {
                [$best, $least] = [$adjusted->at, $sum];
            }
        }
        if ($best === null) {
            throw $failure ?? CannotComputeSurvey::noPairs();
        }

        return array_intersect_key($known, $best) === [] ? $best : $this->laid($best, $known);
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
        $spread = true;
        for ($rounds = count($ids); $spread && $rounds >= 0; $rounds--) {
            $spread = false;
            foreach ($readings as $reading) {
                $points = $reading->kind->points();
                $tells = match ($reading->kind::name()) {
                    'height' => true,
                    'rise', 'slope' => array_intersect_key($told, array_flip($points)) !== [],
                    default => false,
                };
                if ($tells && array_diff_key(array_flip($points), $told) !== []) {
                    $told += array_fill_keys($points, Vector3::of(0, 0, 0));
                    $spread = true;
                }
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
            return [...$layout, ...$known];
        }

        return [...array_map($motion->apply(...), $layout), ...$known];
    }
}
