<?php

declare(strict_types=1);

namespace Geodex\Core\LinearAlgebra;

/**
 * Eigenvalues and eigenvectors of a symmetric matrix by cyclic Jacobi rotations
 * (Golub & Van Loan, Matrix Computations, section 8.5). Slow and very accurate: for small matrices, and as the reference
 * that the fast solver is tested against.
 */
final readonly class SymmetricEigen
{
    /**
     * @param  array<int, float>  $values  ascending
     * @param  array<int, array<int, float>>  $vectors  one unit vector for each value, in the same order
     */
    private function __construct(public array $values, private array $vectors) {}

    /** @param  array<int, array<int, float>>  $matrix symmetric, n x n */
    public static function of(array $matrix): self
    {
        $n = count($matrix);
        $a = $matrix;
        $v = [];
        for ($i = 0; $i < $n; $i++) {
            $v[$i] = array_fill(0, $n, 0.0);
            $v[$i][$i] = 1.0;
        }
        for ($sweep = 0; $sweep < 60 && self::offDiagonal($a) > 1e-32 * self::diagonal($a); $sweep++) {
            for ($p = 0; $p < $n - 1; $p++) {
                for ($q = $p + 1; $q < $n; $q++) {
                    self::rotate($a, $v, $p, $q);
                }
            }
        }
        $order = range(0, max(0, $n - 1));
        usort($order, fn (int $i, int $j): int => $a[$i][$i] <=> $a[$j][$j]);

        return new self(
            array_map(fn (int $i): float => $a[$i][$i], $order),
            array_map(fn (int $i): array => $v[$i], $order),
        );
    }

    /** @return array<int, float> unit eigenvector of the k-th smallest value */
    public function vector(int $k): array
    {
        return $this->vectors[$k];
    }

    /** @param  array<int, array<int, float>>  $a */
    private static function offDiagonal(array $a): float
    {
        $sum = 0.0;
        foreach ($a as $i => $row) {
            for ($j = $i + 1; $j < count($row); $j++) {
                $sum += $row[$j] * $row[$j];
            }
        }

        return $sum;
    }

    /** @param  array<int, array<int, float>>  $a */
    private static function diagonal(array $a): float
    {
        $sum = 0.0;
        foreach ($a as $i => $row) {
            $sum += $row[$i] * $row[$i];
        }

        return $sum;
    }

    /**
     * @param  array<int, array<int, float>>  $a
     * @param  array<int, array<int, float>>  $v  rows are the eigenvectors so far
     */
    private static function rotate(array &$a, array &$v, int $p, int $q): void
    {
        if (abs($a[$p][$q]) < 1e-300) {
            return;
        }
        $theta = ($a[$q][$q] - $a[$p][$p]) / (2 * $a[$p][$q]);
        $t = ($theta >= 0 ? 1 : -1) / (abs($theta) + sqrt($theta * $theta + 1));
        $c = 1 / sqrt($t * $t + 1);
        $s = $t * $c;
        $n = count($a);
        for ($k = 0; $k < $n; $k++) {
            [$kp, $kq] = [$a[$k][$p], $a[$k][$q]];
            $a[$k][$p] = $c * $kp - $s * $kq;
            $a[$k][$q] = $s * $kp + $c * $kq;
        }
        for ($k = 0; $k < $n; $k++) {
            [$pk, $qk] = [$a[$p][$k], $a[$q][$k]];
            $a[$p][$k] = $c * $pk - $s * $qk;
            $a[$q][$k] = $s * $pk + $c * $qk;
            [$pk, $qk] = [$v[$p][$k], $v[$q][$k]];
            $v[$p][$k] = $c * $pk - $s * $qk;
            $v[$q][$k] = $s * $pk + $c * $qk;
        }
    }
}
