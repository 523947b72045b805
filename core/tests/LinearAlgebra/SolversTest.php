<?php

declare(strict_types=1);

use Geodex\Core\LinearAlgebra\EigenSolver;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\LinearAlgebra\SymmetricEigen;

/** A sparse random network of $n unknowns, of which the last $loose appear in no row. */
function sparseRows(int $seed, int $n, int $loose): array
{
    mt_srand($seed);
    $rows = [];
    for ($r = 0; $r < 3 * $n; $r++) {
        $row = [];
        $at = mt_rand(0, $n - $loose - 1);
        for ($k = 0; $k < 4; $k++) {
            $row[min($n - $loose - 1, $at + mt_rand(0, 5))] = mt_rand(-100, 100) / 100;
        }
        $rows[] = $row;
    }

    return $rows;
}

/** Differences between neighbours: the mean is free. */
function chain(int $n): array
{
    return array_map(fn (int $i): array => [$i => -1.0, $i + 1 => 1.0], range(0, $n - 2));
}

describe('the fast solver against the dense one', function () {
    it('gives the same solution, cofactors and freedom on random networks', function (int $seed, int $loose) {
        $n = 18;
        $rows = sparseRows($seed, $n, $loose);
        $fast = (new EnvelopeSolver)->factor($rows, $n);
        $dense = (new EigenSolver)->factor($rows, $n);
        $right = array_fill(0, $n, 0.0);
        foreach ($rows as $i => $row) {
            foreach ($row as $j => $p) {
                $right[$j] += $p * sin($i);
            }
        }
        expect($fast->freeDirections())->toHaveCount(count($dense->freeDirections()))
            ->and($fast->freeDirections())->toHaveCount($loose);
        foreach ($fast->solve($right) as $i => $x) {
            expect($x)->toEqualWithDelta($dense->solve($right)[$i], 1e-8);
        }
        $reference = $dense->cofactors();
        foreach ($fast->cofactors() as $i => $row) {
            foreach ($row as $j => $q) {
                expect($q)->toEqualWithDelta($reference[$i][$j], 1e-7);
            }
        }
    })->with(['seed 1' => [1, 0], 'seed 2' => [2, 0], 'seed 3, two loose' => [3, 2]]);

    it('finds the one freedom of a chain of differences, and the minimum-norm solution', function () {
        $fast = (new EnvelopeSolver)->factor(chain(5), 5);
        expect($fast->freeDirections())->toHaveCount(1);
        foreach ($fast->freeDirections()[0] as $component) {
            expect(abs($component))->toEqualWithDelta(1 / sqrt(5), 1e-12);
        }
        $solution = $fast->solve([-1.0, 0.0, 0.0, 0.0, 1.0]);
        expect(array_sum($solution))->toEqualWithDelta(0.0, 1e-12)
            ->and($solution[4] - $solution[0])->toEqualWithDelta(4.0, 1e-12);
    });

    it('gives cofactors exact for differences whatever is free', function () {
        $fast = (new EnvelopeSolver)->factor(chain(6), 6)->cofactors();
        expect($fast[0][0] + $fast[5][5] - 2 * $fast[0][5])->toEqualWithDelta(5.0, 1e-12);
    });
});

describe('eigenvalues', function () {
    it('are those of a matrix worked by hand', function () {
        $eigen = SymmetricEigen::of([[2.0, 1.0], [1.0, 2.0]]);
        expect($eigen->values[0])->toEqualWithDelta(1.0, 1e-14)->and($eigen->values[1])->toEqualWithDelta(3.0, 1e-14)
            ->and(abs($eigen->vector(1)[0]))->toEqualWithDelta(sqrt(0.5), 1e-14);
    });

    it('put a random matrix together again (seed 5)', function () {
        mt_srand(5);
        $n = 7;
        $m = [];
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $m[$i][$j] = $m[$j][$i] = mt_rand(-1000, 1000) / 100;
            }
        }
        $eigen = SymmetricEigen::of(array_map(function (array $row): array { ksort($row);

            return array_values($row); }, $m));
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j < $n; $j++) {
                $sum = 0.0;
                foreach ($eigen->values as $k => $value) {
                    $sum += $value * $eigen->vector($k)[$i] * $eigen->vector($k)[$j];
                }
                expect($sum)->toEqualWithDelta($m[$i][$j], 1e-10);
            }
        }
    });
});
