<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;

/** An adjusted network laid on its chart, with what its accuracy follows from. */
final readonly class SolvedNetwork
{
    /**
     * @param  array<string, Vector3>  $bench  positions in the axes of the bench (mm), as the readings see them
     * @param  array<string, Vector3>  $chart  the same positions in the axes of the chart (mm)
     * @param  list<array<int, float>>  $rows  weighted design rows in the axes of the chart
     * @param  list<float>  $residuals  adjusted minus read, in the reading's unit
     * @param  array<int, array<int, float>>  $cofactors
     * @param  array<int, array<int, float>>  $free  directions that the readings leave free
     */
    public function __construct(
        public Network $network,
        public array $bench,
        public array $chart,
        public Datum $datum,
        public array $rows,
        public array $residuals,
        public array $cofactors,
        public array $free,
        public int $iterations,
    ) {}

    /**
     * a Q aᵀ of a weighted row: the share of a reading's variance that the network takes from it.
     *
     * @param  array<int, float>  $row
     */
    public function leverage(array $row): float
    {
        $sum = 0.0;
        foreach ($row as $i => $p) {
            $cofactors = $this->cofactors[$i];
            foreach ($row as $j => $q) {
                $sum += $p * $q * $cofactors[$j];
            }
        }

        return $sum;
    }
}
