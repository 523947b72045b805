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
     * @param  array<string, Vector3>  $chart  chart positions of the base points (mm)
     *
     * @throws CannotComputeSurvey if fewer than three base points are measured or they lie in one line
     */
    public function lay(Network $network, array $at, array $chart): Datum
    {
        $wanted = array_map(strval(...), array_keys($chart));
        $base = array_values(array_filter($wanted, fn (string $id): bool => isset($network->columns[$id])));
        if (count($base) < 3) {
            throw CannotComputeSurvey::tooFewBasePoints($base, array_values(array_diff($wanted, $base)));
        }
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
     * The base points that do not move against each other in any free direction; all of them if fewer than three do so.
     *
     * @param  array<string, Vector3>  $at  positions in the axes of the directions (mm)
     * @param  list<string>  $measured
     * @param  array<int, array<int, float>>  $free
     * @return list<string>
     */
    public function firm(Network $network, array $at, array $measured, array $free): array
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
