<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\LinearAlgebra\SparseRow;

/**
 * What leaving readings out does to all others, without adjusting again. With R = I − A Q Aᵀ in weighted units and e = R l the
 * residuals of all readings, leaving out the set E gives mistakes ∇ = R_EE⁻¹ e_E, residuals e − R_·E ∇, redundancies
 * r − diag(R_·E R_EE⁻¹ R_E·), and a weighted sum less by e_Eᵀ ∇ (Koch, Parameter Estimation and Hypothesis Testing, section 3.4).
 */
final class LeftOutAlgebra
{
    /** @var list<float> R l of all readings, in sigmas */
    public readonly array $residuals;

    /** @var list<float> diagonal of R */
    public readonly array $redundancies;

    public readonly float $weightedSum;

    /** @var list<float> correction of every unknown if no reading is left out (mm) */
    private readonly array $correction;

    /** @var array<int, list<float>> columns of R that were asked for */
    private array $columns = [];

    /** @var array<int, array<int, float>> Q aᵀ of readings that were asked for (mm) */
    private array $spreads = [];

    /**
     * @param  list<array<int, float>>  $rows  A, divided by the sigmas
     * @param  array<int, array<int, float>>  $cofactors  Q of all readings
     * @param  list<float>  $misclosures  l, read less predicted, in sigmas
     * @param  array<int, array<int, float>>  $free  orthonormal directions that the readings leave free
     */
    public function __construct(private readonly array $rows, private readonly array $cofactors, array $misclosures, private readonly array $free = [])
    {
        $n = count($cofactors);
        $right = array_fill(0, $n, 0.0);
        foreach ($rows as $i => $row) {
            SparseRow::addTo($right, $row, $misclosures[$i]);
        }
        $correction = [];
        foreach ($cofactors as $row) {
            $sum = SparseRow::dot($row, $right);
            $correction[] = $sum;
        }
        $residuals = $redundancies = [];
        $weightedSum = 0.0;
        foreach ($rows as $i => $row) {
            $along = $leverage = 0.0;
            foreach ($row as $j => $p) {
                $along += $p * $correction[$j];
                $q = $cofactors[$j];
                foreach ($row as $k => $o) {
                    $leverage += $p * $o * $q[$k];
                }
            }
            $residuals[] = $e = $misclosures[$i] - $along;
            $redundancies[] = max(0.0, 1 - $leverage);
            $weightedSum += $e * $e;
        }
        $this->correction = $correction;
        $this->residuals = $residuals;
        $this->redundancies = $redundancies;
        $this->weightedSum = $weightedSum;
    }

    /**
     * @param  list<int>  $set  readings to leave out
     * @param  float  $min  redundancy up to which a reading is not checked by the others
     * @return ?LeftOut null if the others do not check one of them
     */
    public function without(array $set, float $min): ?LeftOut
    {
        $inverse = $this->inverse(array_map(fn (int $i): array => array_map(fn (int $j): float => $this->column($i)[$j], $set), $set), $min);
        if ($inverse === null) {
            return null;
        }
        $mistakes = [];
        $sum = $this->weightedSum;
        foreach ($set as $a => $i) {
            $mistake = 0.0;
            foreach ($set as $b => $j) {
                $mistake += $inverse[$a][$b] * $this->residuals[$j];
            }
            $mistakes[] = $mistake;
            $sum -= $mistake * $this->residuals[$i];
        }

        return new LeftOut($set, $mistakes, $inverse, max(0.0, $sum), ...$this->others($set, $mistakes, $inverse));
    }

    /**
     * Column of R.
     *
     * @return list<float>
     */
    public function column(int $j): array
    {
        if (isset($this->columns[$j])) {
            return $this->columns[$j];
        }
        $spread = $this->spread($j);
        $column = [];
        foreach ($this->rows as $i => $row) {
            $sum = $i === $j ? 1.0 : 0.0;
            foreach ($row as $k => $p) {
                $sum -= $p * $spread[$k];
            }
            $column[] = $sum;
        }

        return $this->columns[$j] = $column;
    }

    /**
     * Q aᵀ of a reading: what it has to do with every unknown.
     *
     * @return array<int, float>
     */
    public function spread(int $j): array
    {
        if (isset($this->spreads[$j])) {
            return $this->spreads[$j];
        }
        $spread = array_fill(0, count($this->cofactors), 0.0);
        foreach ($this->rows[$j] as $k => $p) {
            foreach ($this->cofactors[$k] as $i => $q) {
                $spread[$i] += $p * $q;
            }
        }

        return $this->spreads[$j] = $spread;
    }

    /**
     * How the unknowns move from where the misclosures were taken, if a set is left out; not along what is free (mm).
     *
     * @return array<int, float>
     */
    public function moved(LeftOut $left): array
    {
        $moved = $this->correction;
        foreach ($left->set as $a => $i) {
            foreach ($this->spread($i) as $k => $value) {
                $moved[$k] -= $value * $left->mistakes[$a];
            }
        }
        foreach ($this->free as $direction) {
            $share = SparseRow::dot($direction, $moved);
            foreach ($direction as $k => $part) {
                $moved[$k] -= $share * $part;
            }
        }

        return $moved;
    }

    /**
     * @param  list<int>  $set
     * @param  list<float>  $mistakes
     * @param  list<list<float>>  $inverse
     * @return array{array<int, float>, array<int, float>} residuals and redundancies of all readings
     */
    private function others(array $set, array $mistakes, array $inverse): array
    {
        $residuals = $this->residuals;
        $redundancies = $this->redundancies;
        foreach ($set as $a => $i) {
            $column = $this->column($i);
            $mistake = $mistakes[$a];
            foreach ($column as $k => $value) {
                $residuals[$k] -= $value * $mistake;
            }
            foreach ($set as $b => $j) {
                $other = $this->column($j);
                $share = $inverse[$a][$b];
                foreach ($column as $k => $value) {
                    $redundancies[$k] -= $share * $value * $other[$k];
                }
            }
        }

        return [$residuals, $redundancies];
    }

    /**
     * Gauss and Jordan on the few readings left out; each pivot is the redundancy that the reading still has after those before it.
     *
     * @param  list<list<float>>  $matrix
     * @return ?list<list<float>>
     */
    private function inverse(array $matrix, float $min): ?array
    {
        $n = count($matrix);
        $inverse = [];
        for ($i = 0; $i < $n; $i++) {
            $inverse[$i] = array_fill(0, $n, 0.0);
            $inverse[$i][$i] = 1.0;
        }
        for ($p = 0; $p < $n; $p++) {
            $pivot = $matrix[$p][$p];
            if ($pivot <= $min) {
                return null;
            }
            for ($j = 0; $j < $n; $j++) {
                $matrix[$p][$j] /= $pivot;
                $inverse[$p][$j] /= $pivot;
            }
            for ($i = 0; $i < $n; $i++) {
                $share = $matrix[$i][$p];
                for ($j = 0; $i !== $p && $j < $n; $j++) {
                    $matrix[$i][$j] -= $share * $matrix[$p][$j];
                    $inverse[$i][$j] -= $share * $inverse[$p][$j];
                }
            }
        }
        foreach ($inverse as $i => $row) {
            if ($row[$i] * $min >= 1.0) {
                return null;
            }
        }

        return array_values(array_map(array_values(...), $inverse));
    }
}
