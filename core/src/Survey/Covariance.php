<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Internal\DatumChooser;
use Geodex\Core\Survey\Internal\RigidMotions;

/** Covariance of the deviations from the reference, and what the readings leave free (mm²). */
final readonly class Covariance
{
    /**
     * @param  array<string, int>  $columns  first of the three rows of each measured point
     * @param  array<int, array<int, float>>  $matrix  Σ, mm²
     * @param  RigidMotions  $motions  the six motions that the base points take out
     * @param  array<int, array<int, float>>  $loose  free directions that remain when the base points are held, no unit
     * @param  array<int, array<int, float>>  $reference  covariance of the reference (mm²), laid on the same base points, where it was measured itself
     * @param  ?array<int, array<int, float>>  $cross  covariance of deviations with coordinates, where a deviation is more than a coordinate less a constant
     * @param  array<int, true>  $unread  columns that no reading reads
     */
    public function __construct(
        public array $columns,
        public array $matrix,
        public RigidMotions $motions,
        public array $loose,
        public array $reference = [],
        public ?array $cross = null,
        public array $unread = [],
    ) {}

    /** Whether the readings fix a coordinate. Where none reads it, it stands still only because the datum is laid on it. */
    public function holds(int $column): bool
    {
        if (isset($this->unread[$column])) {
            return false;
        }
        foreach ($this->loose as $direction) {
            if (abs($direction[$column]) > DatumChooser::FIRM) {
                return false;
            }
        }

        return true;
    }

    /** Variance of the deviation in one column: that of the measurement and that of the reference (mm²). */
    public function variance(int $column): float
    {
        return max(0.0, $this->matrix[$column][$column]) + $this->referenceVariance($column);
    }

    /** Variance that the reference alone has in one column (mm²). */
    public function referenceVariance(int $column): float
    {
        return max(0.0, $this->reference[$column][$column] ?? 0.0);
    }

    /** Standard uncertainty of the deviation of a point along each axis (mm), by the first of its columns. */
    public function sigmas(int $column): Vector3
    {
        return Vector3::of(sqrt($this->variance($column)), sqrt($this->variance($column + 1)), sqrt($this->variance($column + 2)));
    }

    /** @return array{bool, bool, bool} whether the readings fix a point along each axis, by the first of its columns */
    public function determined(int $column): array
    {
        return [$this->holds($column), $this->holds($column + 1), $this->holds($column + 2)];
    }

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
                $variance += $p * $q * ($this->matrix[$i][$j] + ($this->reference[$i][$j] ?? 0.0));
            }
        }

        return sqrt(max(0.0, $variance));
    }
}
