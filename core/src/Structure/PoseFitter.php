<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SymmetricEigen;

/** Least squares for the six of a loose half: Gauss-Newton, weights 1/σ² (Ghilani, Adjustment Computations). The held half counts as without error. */
final readonly class PoseFitter
{
    private const ROUNDS = 50;

    /** Rounds end when nothing moves by more (mm). */
    private const STILL = 1e-9;

    /** As small as steps get where rounding keeps them moving (mm). */
    private const NOISE = 1e-6;

    /** Smallest to largest singular value, below which the readings do not fix all six. */
    private const FIXED = 1e-5;

    /** Angles are weighed by at least this arm (mm). */
    private const MIN_ARM = 100.0;

    /** A reading with less is not checked by the others. */
    private const CHECKED = 1e-3;

    /**
     * @param  array<string, Vector3>  $held  places of the held half
     * @param  non-empty-array<string, Vector3>  $planned  places of the loose half
     * @param  list<PoseReading>  $readings
     *
     * @throws PoseNotFixed
     * @throws DegenerateGeometry if two points that are read between stand in one place
     */
    public function fit(array $held, array $planned, array $readings, Vector3 $pivot): PoseFit
    {
        $arm = max(self::MIN_ARM, ...array_values(array_map(fn (Vector3 $one): float => $one->minus($pivot)->norm(), $planned)));
        $pose = new HalfPose($pivot, Vector3::of(0.0, 0.0, 0.0));
        $before = INF;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$rows, $misfit] = $this->design(held: $held, planned: $planned, readings: $readings, pose: $pose, arm: $arm);
            $inverse = $this->inverse($rows, 0.0);
            $step = array_map(fn (array $row): float => array_sum(array_map(fn (float $one, float $other): float => $one * $other, $row, $this->transposed($rows, $misfit))), $inverse);
            $largest = max([0.0, ...array_map(abs(...), $step)]);
            $pose = $pose->moved([$step[0], $step[1], $step[2], $step[3] / $arm, $step[4] / $arm, $step[5] / $arm]);
            if ($largest < self::STILL || ($largest < self::NOISE && $largest >= $before)) {
                return $this->judged(held: $held, planned: $planned, readings: $readings, pose: $pose, arm: $arm);
            }
            $before = $largest;
        }
        throw PoseNotFixed::because('the readings contradict each other, or the half stands too far from its plan: no place fits them.');
    }

    /**
     * @param  array<string, Vector3>  $held
     * @param  non-empty-array<string, Vector3>  $planned
     * @param  list<PoseReading>  $readings
     */
    private function judged(array $held, array $planned, array $readings, HalfPose $pose, float $arm): PoseFit
    {
        [$rows, $misfit] = $this->design(held: $held, planned: $planned, readings: $readings, pose: $pose, arm: $arm);
        $inverse = $this->inverse($rows, self::FIXED);
        $judged = [];
        $sum = 0.0;
        foreach ($readings as $i => $reading) {
            $leverage = 0.0;
            foreach ($rows[$i] as $a => $one) {
                foreach ($rows[$i] as $b => $other) {
                    $leverage += $one * $inverse[$a][$b] * $other;
                }
            }
            $left = max(0.0, 1.0 - $leverage);
            $residual = -$misfit[$i];
            $sum += $residual ** 2;
            $judged[] = ['id' => $reading->id, 'residual' => $residual * $reading->sigma, 'redundancy' => $left, 'standardised' => $left <= self::CHECKED ? null : $residual / sqrt($left)];
        }
        $scale = [1.0, 1.0, 1.0, $arm, $arm, $arm];
        $covariance = array_map(fn (array $row, float $by): array => array_map(fn (float $one, float $other): float => $one / $by / $other, $row, $scale), $inverse, $scale);
        $redundancy = count($readings) - 6;

        return new PoseFit($pose, $covariance, $judged, redundancy: $redundancy, varianceFactor: $redundancy > 0 ? $sum / $redundancy : null);
    }

    /**
     * @param  array<string, Vector3>  $held
     * @param  array<string, Vector3>  $planned
     * @param  list<PoseReading>  $readings
     * @return array{list<list<float>>, list<float>} rows by the six (angles times the arm), and read less predicted; both over σ
     */
    private function design(array $held, array $planned, array $readings, HalfPose $pose, float $arm): array
    {
        $at = array_replace($held, array_map($pose->place(...), $planned));
        $rows = $misfit = [];
        foreach ($readings as $reading) {
            $design = $reading->kind->linearise($at);
            $row = array_fill(0, 6, 0.0);
            foreach ($reading->kind->points() as $k => $id) {
                if (! isset($planned[$id])) {
                    continue;
                }
                $partials = Vector3::of($design->partials[3 * $k], $design->partials[3 * $k + 1], $design->partials[3 * $k + 2]);
                foreach ($pose->travels($planned[$id]) as $j => $travel) {
                    $row[$j] += $partials->dot($travel) / $reading->sigma / ($j < 3 ? 1.0 : $arm);
                }
            }
            $rows[] = array_values($row);
            $misfit[] = ($reading->value - $design->predicted) / $reading->sigma;
        }

        return [$rows, $misfit];
    }

    /**
     * @param  list<list<float>>  $rows
     * @param  list<float>  $values
     * @return list<float>
     */
    private function transposed(array $rows, array $values): array
    {
        $sums = array_fill(0, 6, 0.0);
        foreach ($rows as $i => $row) {
            foreach ($row as $j => $one) {
                $sums[$j] += $one * $values[$i];
            }
        }

        return array_values($sums);
    }

    /**
     * Of the normal equations.
     *
     * @param  list<list<float>>  $rows
     * @param  float  $least  ratio of singular values
     * @return list<list<float>>
     */
    private function inverse(array $rows, float $least): array
    {
        $normals = array_map(fn (int $j): array => $this->transposed($rows, array_column($rows, $j)), range(0, 5));
        $eigen = SymmetricEigen::of($normals);
        if ($eigen->values[0] <= max($least ** 2, PHP_FLOAT_EPSILON) * $eigen->values[5]) {
            throw PoseNotFixed::because('the readings do not fix all six of shift and turn: read what they leave free, such as one more rise or diagonal.');
        }
        $inverse = array_fill(0, 6, array_fill(0, 6, 0.0));
        foreach ($eigen->values as $k => $value) {
            $vector = $eigen->vector($k);
            for ($i = 0; $i < 6; $i++) {
                for ($j = 0; $j < 6; $j++) {
                    $inverse[$i][$j] += $vector[$i] * $vector[$j] / $value;
                }
            }
        }

        return $inverse;
    }
}
