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
    private const SETTLED_ITERATIONS = 2;

    public function __construct(
        private LeastSquaresSolver $solver,
        private NetworkAdjuster $adjuster,
        private DatumChooser $datums,
    ) {}

    /**
     * @param  array<string, Vector3>  $start  positions to start from (mm)
     * @param  array<string, Vector3>  $baseChart  chart positions of the base points (mm)
     * @param  float  $converged  largest correction to stop at (mm)
     *
     * @throws CannotComputeSurvey
     */
    public function solve(Network $network, array $start, array $baseChart, float $converged = NetworkAdjuster::CONVERGED_MM): SolvedNetwork
    {
        $adjustment = $this->adjuster->adjust($network, $start, $converged);
        $datum = $this->datums->lay($network, $adjustment->at, $baseChart);
        [$rows, $normals] = $this->factored($network, $adjustment, $datum);
        $firm = $this->datums->firm($network, $datum->placed($adjustment->at), $datum->base, $normals->freeDirections());
        if ($firm !== $datum->base) {
            $datum = $this->datums->lay($network, $adjustment->at, array_intersect_key($baseChart, array_flip($firm)));
            [$rows, $normals] = $this->factored($network, $adjustment, $datum);
        }

        return new SolvedNetwork($network, $adjustment, $datum, $rows, $normals->cofactors(), $normals->freeDirections());
    }

    /**
     * Takes a network solved nearly to the end to the end. Where that took one more step or two, the cofactors stay.
     *
     * @param  array<string, Vector3>  $baseChart  chart positions of the base points (mm)
     *
     * @throws CannotComputeSurvey
     */
    public function finish(SolvedNetwork $solved, array $baseChart): SolvedNetwork
    {
        $adjustment = $this->adjuster->adjust($solved->network, $solved->bench);
        $datum = $this->datums->lay($solved->network, $adjustment->at, array_intersect_key($baseChart, array_flip($solved->datum->base)));
        [$rows, $normals] = $this->factored($solved->network, $adjustment, $datum);
        $cofactors = $adjustment->iterations > self::SETTLED_ITERATIONS ? $normals->cofactors() : $solved->cofactors;

        return new SolvedNetwork($solved->network, $adjustment, $datum, $rows, $cofactors, $normals->freeDirections());
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
