<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\RigidMotionFitter;

/**
 * Lays the measured base points on their chart positions. A base point that the readings leave loose against the others
 * would drag the datum along, so it is left out as long as three firm ones remain.
 */
final readonly class DatumChooser
{
    /** Part of a unit free direction that a firm point may still show: rounding. */
    public const FIRM = 1e-6;

    public function __construct(private RigidMotionFitter $fitter) {}

    /**
     * @param  array<string, Vector3>  $at  adjusted positions (mm)
     * @param  array<string, Vector3>  $chart  chart positions of all base points (mm)
     * @param  array<int, array<int, float>>  $free  directions the readings leave free
     *
     * @throws CannotComputeSurvey if fewer than three base points are measured or they lie in one line
     */
    public function choose(Network $network, array $at, array $chart, array $free): Datum
    {
        $measured = array_values(array_filter(array_map(strval(...), array_keys($chart)), fn (string $id): bool => isset($network->columns[$id])));
        if (count($measured) < 3) {
            $missing = array_values(array_diff(array_map(strval(...), array_keys($chart)), $measured));
            throw CannotComputeSurvey::tooFewBasePoints($measured, $missing);
        }
        $base = $this->firm($network, $at, $measured, $free);
        try {
            $motion = $this->fitter->fit(
                array_map(fn (string $id): Vector3 => $at[$id], $base),
                array_map(fn (string $id): Vector3 => $chart[$id], $base),
            );
        } catch (DegenerateGeometry) {
            throw CannotComputeSurvey::basePointsInLine($base);
        }

        return new Datum($base, $motion);
    }

    /**
     * @param  array<string, Vector3>  $at
     * @param  list<string>  $measured
     * @param  array<int, array<int, float>>  $free
     * @return list<string>
     */
    private function firm(Network $network, array $at, array $measured, array $free): array
    {
        $base = $measured;
        try {
            while ($free !== []) {
                $slack = $this->slack($network, $at, $base, $free);
                arsort($slack);
                $loosest = (string) array_key_first($slack);
                if ($slack[$loosest] < self::FIRM) {
                    return $base;
                }
                if (count($base) === 3) {
                    return $measured;
                }
                $base = array_values(array_diff($base, [$loosest]));
            }
        } catch (DegenerateGeometry) {
            return $measured;
        }

        return $base;
    }

    /**
     * @param  array<string, Vector3>  $at
     * @param  list<string>  $base
     * @param  array<int, array<int, float>>  $free
     * @return array<string, float> how far each base point moves against the others in some free direction
     */
    private function slack(Network $network, array $at, array $base, array $free): array
    {
        $motions = new RigidMotions($network, $at, $base);
        $slack = array_fill_keys($base, 0.0);
        foreach ($free as $direction) {
            $held = $motions->heldOnBase($direction);
            foreach ($base as $id) {
                $c = $network->columns[$id];
                $slack[$id] = max($slack[$id], abs($held[$c]), abs($held[$c + 1]), abs($held[$c + 2]));
            }
        }

        return $slack;
    }
}
