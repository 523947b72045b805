<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

/** Takes motions of the whole frame out of what is found of its points, each by its weight: what is left is shape. */
final readonly class Projection
{
    /**
     * @param  list<array<int, float>>  $basis  motions, orthonormal by the weights
     * @param  array<int, float>  $weight
     */
    public function __construct(private array $basis, private array $weight) {}

    /**
     * @param  array<int, array<int, float>>  $rows
     * @return array<int, array<int, float>>
     */
    public function of(array $rows): array
    {
        foreach ($this->basis as $motion) {
            $share = [];
            foreach ($rows as $i => $row) {
                if ($this->weight[$i] > 0.0) {
                    foreach ($row as $j => $value) {
                        $share[$j] = ($share[$j] ?? 0.0) + $this->weight[$i] * $motion[$i] * $value;
                    }
                }
            }
            foreach ($rows as $i => $row) {
                foreach ($row as $j => $value) {
                    $rows[$i][$j] = $value - $motion[$i] * ($share[$j] ?? 0.0);
                }
            }
        }

        return $rows;
    }
}
