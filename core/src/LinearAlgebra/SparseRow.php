<?php

declare(strict_types=1);

namespace Geodex\Core\LinearAlgebra;

/** A row of a design: its few entries by column. */
final readonly class SparseRow
{
    /**
     * @param  array<int, float>  $row
     * @param  array<int, float>  $vector  with an entry for each column of the row
     */
    public static function dot(array $row, array $vector): float
    {
        $sum = 0.0;
        foreach ($row as $column => $value) {
            $sum += $value * $vector[$column];
        }

        return $sum;
    }

    /**
     * Adds a multiple of the row to a vector.
     *
     * @param  array<int, float>  $row
     * @param  array<int, float>  $vector
     */
    public static function addTo(array &$vector, array $row, float $times): void
    {
        foreach ($row as $column => $value) {
            $vector[$column] += $value * $times;
        }
    }
}
