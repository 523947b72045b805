<?php

declare(strict_types=1);

namespace Geodex\Core\LinearAlgebra;

/**
 * The fast solver: Cholesky within the envelope (skyline) of the normal equations, George & Liu, Computer Solution of
 * Large Sparse Positive Definite Systems, chapter 4.
 *
 * Unknowns must come ordered so that those tied by a row lie close together, as points along a frame do; any order is right,
 * a poor one is slow. An unknown whose pivot nearly vanishes is put off to the end, where its true information is
 * computed from the rows themselves, so that rank is never judged by rounding noise.
 */
final readonly class EnvelopeSolver implements LeastSquaresSolver
{
    /** Share of its diagonal below which a pivot is put off: it would cost six of the sixteen digits. */
    private const PUT_OFF = 1e-6;

    public function factor(array $rows, int $unknowns): FactoredNormals
    {
        $first = $this->envelope($rows, $unknowns);
        $normals = [];
        for ($i = 0; $i < $unknowns; $i++) {
            $normals[] = array_fill(0, $i + 1, 0.0);
        }
        foreach ($rows as $row) {
            foreach ($row as $i => $p) {
                foreach ($row as $j => $q) {
                    if ($j <= $i) {
                        $normals[$i][$j] += $p * $q;
                    }
                }
            }
        }
        [$lower, $putOff] = $this->cholesky($normals, $first);

        return new EnvelopeNormals(rows: $rows, normals: $normals, lower: $lower, first: $first, putOff: $putOff);
    }

    /**
     * @param  list<array<int, float>>  $rows
     * @return array<int, int> for each unknown the first one it is tied to
     */
    private function envelope(array $rows, int $unknowns): array
    {
        $first = $unknowns > 0 ? range(0, $unknowns - 1) : [];
        foreach ($rows as $row) {
            if ($row === []) {
                continue;
            }
            $lowest = min(array_keys($row));
            foreach ($row as $i => $p) {
                if ($lowest < $first[$i]) {
                    $first[$i] = $lowest;
                }
            }
        }

        return $first;
    }

    /**
     * @param  array<int, array<int, float>>  $normals
     * @param  array<int, int>  $first
     * @return array{array<int, array<int, float>>, array<int, true>} rows of L with their diagonal, and the unknowns put off
     */
    private function cholesky(array $normals, array $first): array
    {
        $lower = [];
        $putOff = [];
        foreach ($normals as $i => $row) {
            $fi = $first[$i];
            $square = 0.0;
            for ($j = $fi; $j < $i; $j++) {
                if (isset($putOff[$j])) {
                    $row[$j] = 0.0;

                    continue;
                }
                $fj = $first[$j];
                $other = $lower[$j];
                $sum = $row[$j];
                for ($k = $fi > $fj ? $fi : $fj; $k < $j; $k++) {
                    $sum -= $row[$k] * $other[$k];
                }
                $row[$j] = $sum /= $other[$j];
                $square += $sum * $sum;
            }
            $pivot = $row[$i] - $square;
            if ($pivot <= self::PUT_OFF * $row[$i]) {
                $putOff[$i] = true;
                $row[$i] = 1.0;
            } else {
                $row[$i] = sqrt($pivot);
            }
            $lower[] = $row;
        }

        return [$lower, $putOff];
    }
}
