<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Datum;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SparseRow;
use Geodex\Core\LinearAlgebra\SymmetricEigen;
use Geodex\Core\Survey\Internal\ChiSquareTest;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\RigidMotions;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\SurveyOptions;

/** Measured base points, and how well any of them agree with each other. */
final readonly class BaseAgreement
{
    /** χ² of three degrees of freedom at 99.9 %. */
    public const DOUBTFUL = 16.266;

    private const LEVEL = 0.999;

    /** Half of that. */
    private const CLEARLY_NOT = 8.0;

    /** Part of the largest eigenvalue of Σ below which a direction is not seen. */
    private const UNSEEN = 1e-12;

    private Network $network;

    /** @var array<int, array<int, float>> of the base points alone (mm²) */
    private array $cofactors;

    /**
     * @param  array<string, Vector3>  $at  measured positions, near the axes of the chart (mm)
     * @param  array<int, array<int, float>>  $cofactors  of all coordinates, in the same axes (mm²)
     * @param  array<string, Vector3>  $chart  chart positions of the base points (mm)
     */
    public function __construct(Network $network, private array $at, array $cofactors, private array $chart, private SurveyOptions $options)
    {
        $columns = $from = [];
        foreach (array_keys($chart) as $i => $id) {
            $columns[(string) $id] = 3 * $i;
            array_push($from, $network->columns[$id], $network->columns[$id] + 1, $network->columns[$id] + 2);
        }
        $this->network = new Network([], [], $columns);
        $this->cofactors = array_map(fn (int $i): array => array_map(fn (int $j): float => $cofactors[$i][$j], $from), $from);
    }

    /**
     * Whether every point passes its test against the others.
     *
     * @param  list<string>  $base
     */
    public function agree(array $base): bool
    {
        if (count($base) === 3) {
            $sum = $this->contradiction($base);

            return $sum !== null && $sum <= self::DOUBTFUL;
        }
        if ($this->agreeClearly($base)) {
            return true;
        }
        foreach ($base as $id) {
            $off = $this->off(array_values(array_diff($base, [$id])), $id);
            if ($off !== null && $off[2] > self::DOUBTFUL) {
                return false;
            }
        }

        return true;
    }

    /**
     * What each point is off with all of them in the datum is tested at once: its test value is nearly that against the others, and where
     * all are far below the limit nothing more has to be looked at.
     *
     * @param  list<string>  $base
     */
    private function agreeClearly(array $base): bool
    {
        try {
            [$motions, $motion] = $this->laid($base);
        } catch (DegenerateGeometry) {
            return false;
        }
        $built = $this->options->buildScatter ** 2;
        foreach (array_keys($cofactors = $this->cofactors) as $i) {
            $cofactors[$i][$i] += $built;
        }
        $covariance = $motions->covariance($cofactors);
        foreach ($base as $id) {
            $c = $this->network->columns[$id];
            $block = array_map(fn (int $i): array => [$covariance[$i][$c], $covariance[$i][$c + 1], $covariance[$i][$c + 2]], [$c, $c + 1, $c + 2]);
            if ($this->test($motion->apply($this->at[$id])->minus($this->chart[$id])->toArray(), $block) > self::CLEARLY_NOT) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $kept
     * @param  list<string>  $out
     * @return ?list<array{string, Vector3, Vector3}> what each point left out is off by and its 95 % interval; null if one of them fits after all
     */
    public function doubtful(array $kept, array $out): ?array
    {
        $doubtful = [];
        foreach ($out as $id) {
            $off = $this->off($kept, $id);
            if ($off === null || $off[2] <= self::DOUBTFUL) {
                return null;
            }
            $doubtful[] = [$id, $off[0], $off[1]];
        }

        return $doubtful;
    }

    /**
     * Whether one shape that a section takes, twist, sag, a bow or a diamond, explains what several points are off: one cause is more
     * likely than a bent point here and there, and the findings tell it.
     *
     * @param  list<string>  $base
     */
    public function isShape(array $base): bool
    {
        try {
            [$motions, $motion] = $this->laid($base);
        } catch (DegenerateGeometry) {
            return false;
        }
        $off = $columns = [];
        $shapes = array_fill(0, 4, []);
        $middle = array_sum(array_map(fn (string $id): float => $this->chart[$id]->x, $base)) / count($base);
        foreach ($base as $id) {
            array_push($off, ...$motion->apply($this->at[$id])->minus($this->chart[$id])->toArray());
            array_push($columns, $this->network->columns[$id], $this->network->columns[$id] + 1, $this->network->columns[$id] + 2);
            [$x, $y] = [($this->chart[$id]->x - $middle) / 1000, $this->chart[$id]->y / 1000];
            array_push($shapes[0], 0.0, 0.0, $x * $y);
            array_push($shapes[1], 0.0, 0.0, $x * $x);
            array_push($shapes[2], 0.0, $x * $x, 0.0);
            array_push($shapes[3], $y, 0.0, 0.0);
        }
        $eigen = SymmetricEigen::of($this->covariance($motions, $columns));
        $weighted = $this->weighted($eigen, $off);
        $sum = array_sum(array_map(fn (float $mm, float $w): float => $mm * $w, $off, $weighted));
        foreach ($shapes as $shape) {
            $along = array_sum(array_map(fn (float $part, float $w): float => $part * $w, $shape, $weighted));
            $own = array_sum(array_map(fn (float $part, float $w): float => $part * $w, $shape, $this->weighted($eigen, $shape)));
            if ($own > 0.0 && ChiSquareTest::passes($sum - $along ** 2 / $own, 3 * count($base) - 7, self::LEVEL)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $rest
     * @return ?array{Vector3, Vector3, float} off from where the rest puts it, half the 95 % interval (mm), and the test value; null if the rest is in a line
     */
    public function off(array $rest, string $id): ?array
    {
        try {
            [$motions, $motion] = $this->laid($rest);
        } catch (DegenerateGeometry) {
            return null;
        }
        $off = $motion->apply($this->at[$id])->minus($this->chart[$id]);
        $columns = [$this->network->columns[$id], $this->network->columns[$id] + 1, $this->network->columns[$id] + 2];
        $sigma = $this->covariance($motions, $columns);
        $expanded = array_map(fn (int $k): float => $this->options->coverage * sqrt(max(0.0, $sigma[$k][$k])), [0, 1, 2]);

        return [$off, Vector3::of(...$expanded), $this->test($off->toArray(), $sigma)];
    }

    /**
     * dᵀ Σ⁺ d over all points of a choice, laid on themselves; what is left of a weighted sum.
     *
     * @param  list<string>  $base
     */
    public function contradiction(array $base): ?float
    {
        try {
            [$motions, $motion] = $this->laid($base);
        } catch (DegenerateGeometry) {
            return null;
        }
        $off = $columns = [];
        foreach ($base as $id) {
            array_push($off, ...$motion->apply($this->at[$id])->minus($this->chart[$id])->toArray());
            array_push($columns, $this->network->columns[$id], $this->network->columns[$id] + 1, $this->network->columns[$id] + 2);
        }

        return $this->test($off, $this->covariance($motions, $columns));
    }

    /**
     * @param  list<string>  $base
     * @return array{RigidMotions, RigidMotion}
     */
    private function laid(array $base): array
    {
        $motion = (new RigidMotionFitter)->fit(array_map(fn (string $id): Vector3 => $this->at[$id], $base), array_map(fn (string $id): Vector3 => $this->chart[$id], $base));

        return [new RigidMotions($this->network, $this->at, $base), $motion];
    }

    /**
     * Of some deviations: from the readings, and from the scatter of every base point.
     *
     * @param  list<int>  $columns
     * @return list<list<float>> mm²
     */
    private function covariance(RigidMotions $motions, array $columns): array
    {
        $rows = array_map($motions->deviationRow(...), $columns);
        $built = $this->options->buildScatter ** 2;
        $covariance = [];
        foreach ($rows as $row) {
            // Σ sᵀ first, then s of it: half the work twice instead of all of it squared.
            $spread = [];
            foreach ($row as $i => $p) {
                foreach ($this->cofactors[$i] as $j => $q) {
                    $spread[$j] = ($spread[$j] ?? 0.0) + $p * $q;
                }
                $spread[$i] += $p * $built;
            }
            $covariance[] = array_map(function (array $other) use ($spread): float {
                return SparseRow::dot($other, $spread);
            }, $rows);
        }

        return $covariance;
    }

    /**
     * @param  list<float>  $off
     * @param  list<list<float>>  $covariance
     */
    private function test(array $off, array $covariance): float
    {
        return array_sum(array_map(fn (float $mm, float $w): float => $mm * $w, $off, $this->weighted(SymmetricEigen::of($covariance), $off)));
    }

    /**
     * Σ⁺ v.
     *
     * @param  list<float>  $vector
     * @return list<float>
     */
    private function weighted(SymmetricEigen $eigen, array $vector): array
    {
        $weighted = array_fill(0, count($vector), 0.0);
        $largest = max(0.0, ...$eigen->values);
        foreach ($eigen->values as $k => $value) {
            if ($value > self::UNSEEN * $largest + 1e-9) {
                $direction = $eigen->vector($k);
                $along = array_sum(array_map(fn (float $a, float $b): float => $a * $b, $vector, $direction)) / $value;
                foreach ($direction as $i => $part) {
                    $weighted[$i] += $along * $part;
                }
            }
        }

        return array_values($weighted);
    }
}
