<?php

declare(strict_types=1);

namespace Geodex\Core\LinearAlgebra;

/** The reference: dense normal equations taken apart by their eigenvectors. Exact about rank and slow, n³ with a large factor. */
final readonly class EigenSolver implements LeastSquaresSolver
{
    public function factor(array $rows, int $unknowns): FactoredNormals
    {
        $normals = array_fill(0, $unknowns, array_fill(0, $unknowns, 0.0));
        foreach ($rows as $row) {
            foreach ($row as $i => $p) {
                foreach ($row as $j => $q) {
                    $normals[$i][$j] += $p * $q;
                }
            }
        }

        return new EigenNormals(SymmetricEigen::of($normals));
    }
}
