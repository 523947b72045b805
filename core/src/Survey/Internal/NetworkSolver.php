<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\FactoredNormals;
use Geodex\Core\LinearAlgebra\LeastSquaresSolver;
use Geodex\Core\Survey\CannotComputeSurvey;

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
        $datum = $this->datums->lay($network, $adjustment->at, $baseChart);
        [$rows, $normals] = $this->factored($network, $adjustment, $datum);
        $firm = $this->datums->firm($network, $datum->placed($adjustment->at), $datum->base, $normals->freeDirections());
        if ($firm !== $datum->base) {
            $datum = $this->datums->lay($network, $adjustment->at, array_intersect_key($baseChart, array_flip($firm)));
            [$rows, $normals] = $this->factored($network, $adjustment, $datum);
        }

        return new SolvedNetwork(network: $network, adjustment: $adjustment, datum: $datum, rows: $rows, cofactors: $normals->cofactors(), free: $normals->freeDirections());
    }

    /**
     * The same positions laid on other base points.
     *
     * @param  array<string, Vector3>  $baseChart  chart positions of those base points (mm)
     *
     * @throws CannotComputeSurvey
     */
    public function relaid(SolvedNetwork $solved, array $baseChart): SolvedNetwork
    {
        $datum = $this->datums->lay($solved->network, $solved->bench, $baseChart);
        [$rows, $normals] = $this->factored($solved->network, $solved->adjustment, $datum);

        return new SolvedNetwork(network: $solved->network, adjustment: $solved->adjustment, datum: $datum, rows: $rows, cofactors: $normals->cofactors(), free: $normals->freeDirections());
    }

    /**
     * @return array{list<array<int, float>>, FactoredNormals} weighted rows in chart axes, and their normal equations
     */
    private function factored(Network $network, Adjustment $adjustment, Datum $datum): array
    {
        $rows = [];
        foreach ($network->readings as $i => $reading) {
            $rows[] = $network->row($i, $datum->turned($reading->kind->linearise($adjustment->at)->partials));
        }

        return [$rows, $this->solver->factor($rows, $network->unknowns())];
    }
}
