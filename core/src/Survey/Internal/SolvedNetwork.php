<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;

/** An adjusted network laid on its chart, with what its accuracy follows from. */
final readonly class SolvedNetwork
{
    /** Weighted partial (1/mm) from which a reading reads a coordinate: less would not place it within a metre. */
    private const READS = 1e-3;

    /** @var array<string, Vector3> positions in the axes of the bench (mm), as the readings see them */
    public array $bench;

    /** @var array<string, Vector3> the same positions in the axes of the chart (mm) */
    public array $chart;

    public int $iterations;

    /**
     * @param  array<int, array<int, float>>  $rows  weighted design rows in the axes of the chart
     * @param  array<int, array<int, float>>  $cofactors
     * @param  array<int, array<int, float>>  $free  directions that the readings leave free
     */
    public function __construct(
        public Network $network,
        public Adjustment $adjustment,
        public Datum $datum,
        public array $rows,
        public array $cofactors,
        public array $free,
    ) {
        $this->bench = $adjustment->at;
        $this->chart = $datum->placed(array_intersect_key($adjustment->at, $network->columns));
        $this->iterations = $adjustment->iterations;
    }

    /** @return array<int, true> unknowns that no reading reads */
    public function unread(): array
    {
        $read = [];
        foreach ($this->rows as $row) {
            $read += array_filter($row, fn (float $weight): bool => abs($weight) > self::READS);
        }

        return array_fill_keys(array_diff(range(0, $this->network->unknowns() - 1), array_keys($read)), true);
    }

    /** Adjusted less read of the i-th reading, in its unit. */
    public function residual(int $i): float
    {
        return -$this->adjustment->misclosures[$i] * $this->network->readings[$i]->sigma;
    }

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
