<?php

declare(strict_types=1);

use Geodex\Core\LinearAlgebra\EnvelopeSolver;

/** Two rows that nearly say the same: the difference of the unknowns has the information δ²/4, the largest diagonal is 2. */
function nearlyAlike(float $delta): array
{
    return [[0 => 1.0, 1 => 1.0], [0 => 1.0, 1 => 1.0 + $delta]];
}

it('calls a direction free below a thousand millionth of the largest diagonal, and weak above it', function (float $delta, int $free) {
    expect((new EnvelopeSolver)->factor(nearlyAlike($delta), 2)->freeDirections())->toHaveCount($free);
})->with([
    'half the limit' => [6.3e-5, 1],
    'just below' => [8.5e-5, 1],
    'just above' => [9.5e-5, 0],
    'nothing at all' => [0.0, 1],
]);

it('gives a weak direction its true variance, however small its information', function (float $delta) {
    $cofactors = (new EnvelopeSolver)->factor(nearlyAlike($delta), 2)->cofactors();
    // N⁻¹ of [[2, 2 + δ], [2 + δ, 1 + (1 + δ)²]] has the determinant δ².
    expect($cofactors[0][0])->toEqualWithDelta((1 + (1 + $delta) ** 2) / $delta ** 2, 1e-4 / $delta ** 2)->and($cofactors[1][1])->toEqualWithDelta(2 / $delta ** 2, 1e-4 / $delta ** 2)
        ->and($cofactors[0][1])->toEqualWithDelta(-(2 + $delta) / $delta ** 2, 1e-4 / $delta ** 2);
})->with([1e-4, 1e-3, 1e-2, 0.5]);

it('moves nothing along a free direction, and meets the rest exactly', function () {
    $solution = (new EnvelopeSolver)->factor([[0 => -1.0, 1 => 1.0], [1 => -1.0, 2 => 1.0]], 3)->solve([-3.0, 3.0 - 5.0, 5.0]);
    expect(array_sum($solution))->toEqualWithDelta(0.0, 1e-12)
        ->and($solution[1] - $solution[0])->toEqualWithDelta(3.0, 1e-12)
        ->and($solution[2] - $solution[1])->toEqualWithDelta(5.0, 1e-12);
});

it('has the free directions orthonormal, and none of them seen by a row', function () {
    $rows = [[0 => -1.0, 1 => 1.0], [2 => -1.0, 3 => 1.0]];
    $free = (new EnvelopeSolver)->factor($rows, 4)->freeDirections();
    $dot = fn (array $a, array $b): float => array_sum(array_map(fn (float $x, float $y): float => $x * $y, $a, $b));
    expect($free)->toHaveCount(2)
        ->and($dot($free[0], $free[0]))->toEqualWithDelta(1.0, 1e-12)
        ->and($dot($free[0], $free[1]))->toEqualWithDelta(0.0, 1e-12);
    foreach ($rows as $row) {
        foreach ($free as $direction) {
            expect(array_sum(array_map(fn (int $i, float $p): float => $p * $direction[$i], array_keys($row), $row)))->toEqualWithDelta(0.0, 1e-12);
        }
    }
});
