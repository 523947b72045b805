<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\LeastSquaresSolver;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Reading\DesignRow;
use Geodex\Core\Survey\Reading\Reading;

/** Adjusts a network, lays it on the chart, and inverts its normal equations there. */
final readonly class NetworkSolver
{
    public function __construct(
        private LeastSquaresSolver $solver,
        private NetworkAdjuster $adjuster,
        private DatumChooser $datums,
    ) {}

    /**
     * @param  array<string, Vector3>  $start  positions to start from (mm)
     * @param  array<string, Vector3>  $baseChart  chart positions of the base points (mm)
     *
     * @throws CannotComputeSurvey
     */
    public function solve(Network $network, array $start, array $baseChart): SolvedNetwork
    {
        $adjustment = $this->adjuster->adjust($network, $start);
        $designs = array_map(fn (Reading $reading): DesignRow => $reading->kind->linearise($adjustment->at), $network->readings);
        $onBench = $this->solver->factor($this->rows($network, array_map(fn (DesignRow $design): array => $design->partials, $designs)), $network->unknowns());
        $datum = $this->datums->choose($network, $adjustment->at, $baseChart, $onBench->freeDirections());
        $rows = $this->rows($network, array_map(fn (DesignRow $design): array => $datum->turned($design->partials), $designs));
        $normals = $this->solver->factor($rows, $network->unknowns());
        $chart = [];
        $residuals = [];
        foreach ($network->pointIds as $id) {
            $chart[$id] = $datum->motion->apply($adjustment->at[$id]);
        }
        foreach ($network->readings as $i => $reading) {
            $residuals[] = $designs[$i]->predicted - $reading->value;
        }

        return new SolvedNetwork($network, $adjustment->at, $chart, $datum, $rows, $residuals, $normals->cofactors(), $normals->freeDirections(), $adjustment->iterations);
    }

    /**
     * @param  array<int, list<float>>  $partials  one list for each reading
     * @return list<array<int, float>>
     */
    private function rows(Network $network, array $partials): array
    {
        $rows = [];
        foreach ($network->readings as $i => $reading) {
            $rows[] = $network->row($reading, $partials[$i]);
        }

        return $rows;
    }
}
