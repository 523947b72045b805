<?php

declare(strict_types=1);

namespace Geodex\Core\LinearAlgebra;

/** Normal equations held as eigenvalues and eigenvectors; its cofactors are the pseudo-inverse. */
final readonly class EigenNormals implements FactoredNormals
{
    /** Eigenvalues below this share of the largest count as zero. */
    private const RANK = 1e-11;

    public function __construct(private SymmetricEigen $eigen) {}

    public function freeDirections(): array
    {
        $free = [];
        foreach ($this->eigen->values as $k => $value) {
            if ($this->isZero($value)) {
                $free[] = $this->eigen->vector($k);
            }
        }

        return $free;
    }

    public function solve(array $rightSide): array
    {
        $solution = array_fill(0, count($rightSide), 0.0);
        foreach ($this->eigen->values as $k => $value) {
            if ($this->isZero($value)) {
                continue;
            }
            $vector = $this->eigen->vector($k);
            $share = SparseRow::dot($vector, $rightSide);
            foreach ($vector as $i => $v) {
                $solution[$i] += $share / $value * $v;
            }
        }

        return $solution;
    }

    public function cofactors(): array
    {
        $n = count($this->eigen->values);
        $columns = [];
        for ($j = 0; $j < $n; $j++) {
            $one = array_fill(0, $n, 0.0);
            $one[$j] = 1.0;
            $columns[] = $this->solve($one);
        }

        return $columns;
    }

    private function isZero(float $value): bool
    {
        return $value <= self::RANK * max(0.0, ...$this->eigen->values);
    }
}
