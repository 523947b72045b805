<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Survey\Internal\RigidMotions;

/** Covariance of the registered coordinates, and what the readings leave free (mm²). */
final readonly class Covariance
{
    /**
     * @param  array<string, int>  $columns  first of the three rows of each measured point
     * @param  array<int, array<int, float>>  $matrix  Σ, mm²
     * @param  RigidMotions  $motions  the six motions that the base points take out
     * @param  array<int, array<int, float>>  $loose  free directions that remain when the base points are held, no unit
     */
    public function __construct(public array $columns, public array $matrix, public RigidMotions $motions, public array $loose) {}

    /**
     * Standard uncertainty of a linear combination of coordinates.
     *
     * @param  array<int, float>  $row  weight by column
     */
    public function sigma(array $row): float
    {
        $variance = 0.0;
        foreach ($row as $i => $p) {
            foreach ($row as $j => $q) {
                $variance += $p * $q * $this->matrix[$i][$j];
            }
        }

        return sqrt(max(0.0, $variance));
    }
}
