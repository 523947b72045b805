<?php

declare(strict_types=1);

namespace Geodex\Core\LinearAlgebra;

/** Factored normal equations N of n unknowns. */
interface FactoredNormals
{
    /** @return array<int, array<int, float>> orthonormal directions that the rows leave free, each of length n */
    public function freeDirections(): array;

    /**
     * Minimum-norm solution of N x = b.
     *
     * @param  array<int, float>  $rightSide  of length n, in the range of N
     * @return array<int, float>
     */
    public function solve(array $rightSide): array;

    /**
     * A symmetric generalised inverse of N: exact for every combination of unknowns that the rows determine,
     * arbitrary along free directions.
     *
     * @return array<int, array<int, float>> n x n
     */
    public function cofactors(): array;
}
