<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

/** A handful of linear equations, by elimination with the largest pivot of each column (Golub and Van Loan, Matrix Computations, 3.4). */
final readonly class SmallSystem
{
    /**
     * @param  array<int, array<int, float>>  $matrix
     * @param  array<int, float>  $right
     * @return list<float> what has no pivot is none
     */
    public static function solve(array $matrix, array $right): array
    {
        $n = count($right);
        for ($column = 0; $column < $n; $column++) {
            $pivot = $column;
            for ($i = $column + 1; $i < $n; $i++) {
                $pivot = abs($matrix[$i][$column]) > abs($matrix[$pivot][$column]) ? $i : $pivot;
            }
            if (abs($matrix[$pivot][$column]) < 1e-14) {
                $matrix[$column] = array_fill(0, $n, 0.0);
                [$matrix[$column][$column], $right[$column]] = [1.0, 0.0];

                continue;
            }
            [$matrix[$column], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$column]];
            [$right[$column], $right[$pivot]] = [$right[$pivot], $right[$column]];
            for ($i = $column + 1; $i < $n; $i++) {
                $share = $matrix[$i][$column] / $matrix[$column][$column];
                if ($share === 0.0) {
                    continue;
                }
                for ($j = $column; $j < $n; $j++) {
                    $matrix[$i][$j] -= $share * $matrix[$column][$j];
                }
                $right[$i] -= $share * $right[$column];
            }
        }
        $solution = array_fill(0, $n, 0.0);
        for ($i = $n - 1; $i >= 0; $i--) {
            $sum = $right[$i];
            for ($j = $i + 1; $j < $n; $j++) {
                $sum -= $matrix[$i][$j] * $solution[$j];
            }
            $solution[$i] = $sum / $matrix[$i][$i];
        }

        return array_values($solution);
    }
}
