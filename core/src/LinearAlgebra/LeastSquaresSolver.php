<?php

declare(strict_types=1);

namespace Geodex\Core\LinearAlgebra;

/** Factors the normal equations N = AᵀA of a sparse, possibly rank-deficient least-squares problem. */
interface LeastSquaresSolver
{
    /**
     * @param  list<array<int, float>>  $rows  rows of A, already divided by their standard uncertainty: column => partial
     * @param  int  $unknowns  number of columns
     */
    public function factor(array $rows, int $unknowns): FactoredNormals;
}
