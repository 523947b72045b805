<?php

declare(strict_types=1);

namespace Geodex\Core\LinearAlgebra;

/**
 * Normal equations factored within their envelope, but for a few unknowns put off to the end. Each of those stands for a
 * direction that all others follow; the information on these directions is a small dense matrix, taken apart by its
 * eigenvectors: what has none is free, the rest is determined, however weakly.
 */
final readonly class EnvelopeNormals implements FactoredNormals
{
    /** Share of the largest diagonal below which a direction is free: with readings good to 1 mm, known to no better than metres. */
    private const FREE = 1e-9;

    /** @var array<int, array<int, float>> orthonormal */
    private array $free;

    /** @var list<array{float, array<int, float>}> information and direction, the directions orthonormal */
    private array $weak;

    /**
     * @param  list<array<int, float>>  $rows
     * @param  array<int, array<int, float>>  $normals  row i from column 0 to i, zero before first[i]
     * @param  array<int, array<int, float>>  $lower  the same shape, N = L Lᵀ on the unknowns that are not put off
     * @param  array<int, int>  $first
     * @param  array<int, true>  $putOff
     */
    public function __construct(
        array $rows,
        private array $normals,
        private array $lower,
        private array $first,
        private array $putOff,
    ) {
        $directions = $this->orthonormal(array_map($this->followed(...), array_keys($putOff)));
        [$this->free, $this->weak] = $this->parted($directions, $rows);
    }

    public function freeDirections(): array
    {
        return $this->free;
    }

    public function solve(array $rightSide): array
    {
        $solution = $this->heldSolution($rightSide);
        foreach ($this->weak as [$information, $direction]) {
            $share = $this->dot($direction, $rightSide) / $information;
            foreach ($direction as $i => $d) {
                $solution[$i] += $share * $d;
            }
        }
        foreach ($this->free as $direction) {
            $share = $this->dot($direction, $solution);
            foreach ($direction as $i => $d) {
                $solution[$i] -= $share * $d;
            }
        }

        return $solution;
    }

    public function cofactors(): array
    {
        $n = count($this->lower);
        $first = $this->first;
        $lower = $this->lower;
        $inverse = $n > 0 ? array_fill(0, $n, array_fill(0, $n, 0.0)) : [];
        for ($j = 0; $j < $n; $j++) {
            if (isset($this->putOff[$j])) {
                continue;
            }
            $y = array_fill(0, $n, 0.0);
            $y[$j] = 1 / $lower[$j][$j];
            for ($i = $j + 1; $i < $n; $i++) {
                if ($first[$i] >= $i || isset($this->putOff[$i])) {
                    continue;
                }
                $fi = $first[$i];
                $row = $lower[$i];
                $sum = 0.0;
                for ($k = $fi > $j ? $fi : $j; $k < $i; $k++) {
                    $sum += $row[$k] * $y[$k];
                }
                $y[$i] = -$sum / $row[$i];
            }
            for ($i = $n - 1; $i >= $j; $i--) {
                if (isset($this->putOff[$i])) {
                    continue;
                }
                $fi = $first[$i];
                $row = $lower[$i];
                $x = $y[$i] / $row[$i];
                $inverse[$i][$j] = $inverse[$j][$i] = $x;
                for ($k = $fi > $j ? $fi : $j; $k < $i; $k++) {
                    $y[$k] -= $row[$k] * $x;
                }
            }
        }

        foreach ($this->weak as [$information, $direction]) {
            foreach ($direction as $i => $d) {
                foreach ($direction as $j => $e) {
                    $inverse[$i][$j] += $d * $e / $information;
                }
            }
        }

        return $inverse;
    }

    /**
     * @param  array<int, array<int, float>>  $directions  orthonormal
     * @param  list<array<int, float>>  $rows
     * @return array{array<int, array<int, float>>, list<array{float, array<int, float>}>} the free ones, and the weak ones with their information
     */
    private function parted(array $directions, array $rows): array
    {
        if ($directions === []) {
            return [[], []];
        }
        $m = count($directions);
        $information = array_fill(0, $m, array_fill(0, $m, 0.0));
        foreach ($rows as $row) {
            $seen = [];
            foreach ($directions as $direction) {
                $along = SparseRow::dot($row, $direction);
                $seen[] = $along;
            }
            for ($i = 0; $i < $m; $i++) {
                for ($j = 0; $j < $m; $j++) {
                    $information[$i][$j] += $seen[$i] * $seen[$j];
                }
            }
        }
        $largest = 0.0;
        foreach ($this->normals as $i => $row) {
            $largest = max($largest, $row[$i]);
        }
        $eigen = SymmetricEigen::of($information);
        $free = $weak = [];
        foreach ($eigen->values as $k => $value) {
            $direction = $this->combined($directions, $eigen->vector($k));
            if ($value <= self::FREE * $largest) {
                $free[] = $direction;
            } else {
                $weak[] = [$value, $direction];
            }
        }

        return [$free, $weak];
    }

    /**
     * @param  array<int, array<int, float>>  $directions
     * @param  array<int, float>  $shares
     * @return array<int, float>
     */
    private function combined(array $directions, array $shares): array
    {
        $sum = array_fill(0, count($directions[0]), 0.0);
        foreach ($directions as $k => $direction) {
            foreach ($direction as $i => $d) {
                $sum[$i] += $shares[$k] * $d;
            }
        }

        return $sum;
    }

    /**
     * @param  array<int, float>  $rightSide
     * @return array<int, float> with every unknown that is put off at zero
     */
    private function heldSolution(array $rightSide): array
    {
        $y = $rightSide;
        foreach ($this->lower as $i => $row) {
            $fi = $this->first[$i];
            $sum = $y[$i];
            for ($k = $fi; $k < $i; $k++) {
                $sum -= $row[$k] * $y[$k];
            }
            $y[$i] = isset($this->putOff[$i]) ? 0.0 : $sum / $row[$i];
        }
        for ($i = count($y) - 1; $i >= 0; $i--) {
            if (isset($this->putOff[$i])) {
                continue;
            }
            $fi = $this->first[$i];
            $row = $this->lower[$i];
            $y[$i] /= $row[$i];
            for ($k = $fi; $k < $i; $k++) {
                $y[$k] -= $row[$k] * $y[$i];
            }
        }
        foreach ($this->putOff as $i => $_) {
            $y[$i] = 0.0;
        }

        return $y;
    }

    /** @return array<int, float> how all others follow when the put-off unknown $j moves by one */
    private function followed(int $j): array
    {
        $column = [];
        foreach ($this->normals as $i => $row) {
            $column[] = match (true) {
                $i <= $j => $i >= $this->first[$j] ? -$this->normals[$j][$i] : 0.0,
                default => $j >= $this->first[$i] ? -$row[$j] : 0.0,
            };
        }
        $direction = $this->heldSolution($column);
        $direction[$j] = 1.0;

        return $direction;
    }

    /**
     * Modified Gram-Schmidt, twice for safety.
     *
     * @param  array<int, array<int, float>>  $vectors
     * @return array<int, array<int, float>>
     */
    private function orthonormal(array $vectors): array
    {
        $base = [];
        foreach ($vectors as $vector) {
            for ($pass = 0; $pass < 2; $pass++) {
                foreach ($base as $b) {
                    $share = $this->dot($b, $vector);
                    foreach ($b as $i => $value) {
                        $vector[$i] -= $share * $value;
                    }
                }
            }
            $norm = sqrt($this->dot($vector, $vector));
            $base[] = array_map(fn (float $v): float => $v / $norm, $vector);
        }

        return $base;
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     */
    private function dot(array $a, array $b): float
    {
        return SparseRow::dot($a, $b);
    }
}
