<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\FactoredNormals;
use Geodex\Core\LinearAlgebra\LeastSquaresSolver;
use Geodex\Core\LinearAlgebra\SparseRow;
use Geodex\Core\Survey\Budget;
use Geodex\Core\Survey\CannotComputeSurvey;

/**
 * Least squares by Gauss-Newton, damped when a step makes the weighted sum grow, and by Levenberg and Marquardt where that does
 * not settle; the minimum-norm step keeps what the readings leave free at its start. Mikhail & Ackermann, Observations and Least Squares, chapters 7 and 13.
 */
final readonly class NetworkAdjuster
{
    /** Largest correction at which positions count as found. */
    public const CONVERGED_MM = 1e-6;

    /** A step below the first, and shrunk by the second, says that the normal equations hardly change: the last factors serve again. */
    private const REUSE_FACTORS_BELOW_MM = 0.5;

    private const REUSE_FACTORS_SHRINKING_BY = 0.5;

    /** Weak networks, as of trams alone on a flat frame, converge by a fifth a round; others take four rounds. */
    private const MAX_ITERATIONS = 150;

    /** Rounds of the damped fallback; it creeps along a valley that the straight step jumps across. */
    private const MAX_DAMPED = 300;

    private const FIRST_DAMPING = 1e-3;

    /** A damped step counts as an end only where the damping hardly shortens it. */
    private const HARDLY_DAMPED = 1e-5;

    /** What the next step would still take off the weighted sum, whose own chance is about 1: nothing, and next to nothing. */
    private const NOTHING_TO_GAIN = 1e-11;

    private const NEXT_TO_NOTHING = 1e-3;

    private const MAX_TRIES = 12;

    /** Part of the slope at the start that may be left, with the other sign, at the end of a step. */
    private const OVERSHOOT = 0.2;

    /** A slope that is rounding: weighted misclosures of about 1 along a step of 1e-6 mm. */
    private const NO_SLOPE = 1e-18;

    /** Growth of the weighted sum that is rounding. */
    private const ROUNDING = 1e-9;

    public function __construct(private LeastSquaresSolver $solver, private ?Budget $budget = null) {}

    /**
     * @param  array<string, Vector3>  $at  where to start (mm)
     * @param  float  $converged  largest correction to stop at (mm)
     *
     * @throws CannotComputeSurvey if it does not converge
     * @throws OutOfTime
     */
    public function adjust(Network $network, array $at, float $converged = self::CONVERGED_MM): Adjustment
    {
        return $this->straight($network, $at, $converged) ?? $this->damped($network, $at, $converged);
    }

    /**
     * As far as a few rounds lead: for judging whether a start is worth anything.
     *
     * @param  array<string, Vector3>  $at  where to start (mm)
     */
    public function roughly(Network $network, array $at, int $rounds, float $converged): Adjustment
    {
        [$adjustment] = $this->rounds($network, $at, $rounds, $converged);

        return $adjustment;
    }

    /** @param  array<string, Vector3>  $at */
    private function straight(Network $network, array $at, float $converged): ?Adjustment
    {
        [$adjustment, $settled] = $this->rounds($network, $at, self::MAX_ITERATIONS, $converged);

        return $settled ? $adjustment : null;
    }

    /**
     * @param  array<string, Vector3>  $at
     * @return array{Adjustment, bool} and whether it settled
     */
    private function rounds(Network $network, array $at, int $max, float $converged): array
    {
        $normals = null;
        [$sum, $rows, $misclosures] = $this->linearise($network, $at);
        for ($iteration = 1, $largest = $before = INF; $iteration <= $max; $iteration++) {
            $this->mustHaveTime($at);
            if ($normals === null || $largest > self::REUSE_FACTORS_BELOW_MM || $largest > self::REUSE_FACTORS_SHRINKING_BY * $before) {
                $normals = $this->solver->factor($rows, $network->unknowns());
            }
            $before = $largest;
            $step = $this->step($normals, $rows, $misclosures, $network->unknowns());
            $largest = $step === [] ? 0.0 : max(max($step), -min($step));
            [$at, $sum, $rows, $misclosures] = $this->walk(network: $network, at: $at, step: $step, sum: $sum, slope: $this->slope($rows, $misclosures, $step));
            if ($largest < $converged) {
                return [new Adjustment($at, $misclosures, $iteration), true];
            }
        }

        return [new Adjustment($at, $misclosures, $max), false];
    }

    /**
     * Levenberg and Marquardt: a step that makes the sum grow is not taken but damped more (Nocedal & Wright, Numerical
     * Optimization, section 10.3).
     *
     * @param  array<string, Vector3>  $at
     *
     * @throws CannotComputeSurvey if even that does not come to an end
     */
    private function damped(Network $network, array $at, float $converged): Adjustment
    {
        [$sum, $rows, $misclosures] = $this->linearise($network, $at);
        $unknowns = $network->unknowns();
        $largest = $gain = INF;
        for ($iteration = 1, $damping = self::FIRST_DAMPING; $iteration <= self::MAX_DAMPED; $iteration++) {
            $this->mustHaveTime($at);
            $held = $rows;
            for ($column = 0; $column < $unknowns; $column++) {
                $held[] = [$column => sqrt($damping)];
            }
            $step = $this->step($this->solver->factor($held, $unknowns), $rows, $misclosures, $unknowns);
            $largest = $step === [] ? 0.0 : max(max($step), -min($step));
            $next = $this->moved($network, $at, $step, 1.0);
            [$nextSum, $nextRows, $nextMisclosures] = $this->linearise($network, $next);
            if ($nextSum > $sum * (1 + self::ROUNDING) + self::ROUNDING) {
                $damping *= 8;

                continue;
            }
            $gain = -$this->slope($rows, $misclosures, $step);
            [$at, $sum, $rows, $misclosures] = [$next, $nextSum, $nextRows, $nextMisclosures];
            if (($largest < $converged && $damping <= self::HARDLY_DAMPED) || ($gain <= self::NOTHING_TO_GAIN && $damping <= 1.0)) {
                return new Adjustment($at, $misclosures, self::MAX_ITERATIONS + $iteration);
            }
            $damping = max(1e-9, $damping / 5);
        }
        if ($gain <= self::NEXT_TO_NOTHING) {
            // A direction that lengths see in second order only creeps to its end; where it stands is far inside its interval.
            return new Adjustment($at, $misclosures, self::MAX_ITERATIONS + self::MAX_DAMPED);
        }
        throw CannotComputeSurvey::noConvergence(self::MAX_ITERATIONS + self::MAX_DAMPED, $largest);
    }

    /** @param  array<string, Vector3>  $at */
    private function mustHaveTime(array $at): void
    {
        if ($this->budget?->isSpent() === true) {
            throw new OutOfTime($at);
        }
    }

    /**
     * @param  array<string, Vector3>  $at
     * @param  array<int, float>  $step
     * @return array<string, Vector3>
     */
    private function moved(Network $network, array $at, array $step, float $share): array
    {
        foreach ($network->columns as $id => $c) {
            $at[$id] = $at[$id]->plus(Vector3::of($share * $step[$c], $share * $step[$c + 1], $share * $step[$c + 2]));
        }

        return $at;
    }

    /**
     * @param  array<string, Vector3>  $at
     * @return array{float, list<array<int, float>>, list<float>} weighted sum of squares, weighted rows, weighted misclosures
     */
    private function linearise(Network $network, array $at): array
    {
        $rows = [];
        $misclosures = [];
        $sum = 0.0;
        foreach ($network->readings as $i => $reading) {
            $design = $reading->kind->linearise($at);
            $rows[] = $network->row($i, $design->partials);
            $misclosures[] = $w = ($reading->value - $design->predicted) / $reading->sigma;
            $sum += $w * $w;
        }

        return [$sum, $rows, $misclosures];
    }

    /**
     * @param  list<array<int, float>>  $rows
     * @param  list<float>  $misclosures
     * @return array<int, float>
     */
    private function step(FactoredNormals $normals, array $rows, array $misclosures, int $unknowns): array
    {
        $right = array_fill(0, $unknowns, 0.0);
        foreach ($rows as $i => $row) {
            SparseRow::addTo($right, $row, $misclosures[$i]);
        }

        return $normals->solve($right);
    }

    /**
     * Takes the step, or the part of it at which the sum stops falling. A weak direction bends so much that the whole step
     * would overshoot; its slope at the far end says how much of it is right (secant), long after the sum has lost the digits to tell.
     *
     * @param  array<string, Vector3>  $at
     * @param  array<int, float>  $step
     * @param  float  $slope  of half the weighted sum along the step, at its start
     * @return array{array<string, Vector3>, float, list<array<int, float>>, list<float>}
     */
    private function walk(Network $network, array $at, array $step, float $sum, float $slope): array
    {
        $share = 1.0;
        for ($try = 1; ; $try++) {
            $next = $this->moved($network, $at, $step, $share);
            [$nextSum, $rows, $misclosures] = $this->linearise($network, $next);
            $nextSlope = $this->slope($rows, $misclosures, $step);
            $overshoots = $slope < -self::NO_SLOPE && $nextSlope > -self::OVERSHOOT * $slope;
            $grows = $nextSum > $sum * (1 + self::ROUNDING) + self::ROUNDING;
            if ($try >= self::MAX_TRIES || (! $overshoots && ! $grows)) {
                return [$next, $nextSum, $rows, $misclosures];
            }
            $share *= $overshoots ? max(0.1, $slope / ($slope - $nextSlope)) : 0.5;
        }
    }

    /**
     * @param  list<array<int, float>>  $rows
     * @param  list<float>  $misclosures
     * @param  array<int, float>  $step
     */
    private function slope(array $rows, array $misclosures, array $step): float
    {
        $slope = 0.0;
        foreach ($rows as $i => $row) {
            $along = SparseRow::dot($row, $step);
            $slope -= $along * $misclosures[$i];
        }

        return $slope;
    }
}
