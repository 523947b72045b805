<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

/**
 * Leverages aQaᵀ of all readings while readings are taken out or put back, each a rank-one change of Q instead of a new
 * factorisation (Sherman & Morrison, Ann. Math. Stat. 21, 1950).
 */
final class Reliability
{
    /** @var list<array{array<int, float>, int}> vectors u and signs with Q now = Q + Σ ± u uᵀ */
    private array $changes = [];

    /** @var array<int, float> of all readings against those now in use */
    private array $leverages;

    public function __construct(private readonly SolvedNetwork $solved)
    {
        $this->leverages = array_map($solved->leverage(...), $solved->rows);
    }

    /** Leverage of reading $i against the readings now in use. */
    public function leverage(int $i): float
    {
        return $this->leverages[$i];
    }

    public function takeOut(int $i): void
    {
        $this->change($i, 1);
    }

    public function putBack(int $i): void
    {
        $this->change($i, -1);
    }

    private function change(int $i, int $sign): void
    {
        $row = $this->solved->rows[$i];
        $scale = 1 / sqrt(1 - $sign * $this->leverage($i));
        $u = array_fill(0, $this->solved->network->unknowns(), 0.0);
        foreach ($row as $j => $p) {
            foreach ($this->solved->cofactors[$j] as $k => $q) {
                $u[$k] += $p * $q;
            }
        }
        foreach ($this->changes as [$earlier, $earlierSign]) {
            $share = $earlierSign * $this->along($earlier, $row);
            foreach ($earlier as $k => $value) {
                $u[$k] += $share * $value;
            }
        }
        $u = array_map(fn (float $value): float => $value * $scale, $u);
        $this->changes[] = [$u, $sign];
        foreach ($this->solved->rows as $j => $other) {
            $share = $this->along($u, $other);
            $this->leverages[$j] += $sign * $share * $share;
        }
    }

    /**
     * @param  array<int, float>  $u
     * @param  array<int, float>  $row
     */
    private function along(array $u, array $row): float
    {
        $sum = 0.0;
        foreach ($row as $j => $p) {
            $sum += $p * $u[$j];
        }

        return $sum;
    }
}
