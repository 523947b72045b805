<?php

declare(strict_types=1);

use Geodex\Core\Survey\Internal\ChiSquareTest;

it('has the quantiles printed in statistical tables', function (int $degrees, float $quantile95) {
    expect(ChiSquareTest::upperTail($quantile95, $degrees))->toEqualWithDelta(0.05, 5e-5);
})->with([[1, 3.8415], [2, 5.9915], [7, 14.0671], [30, 43.7730], [100, 124.3421]]);

it('passes a survey without redundancy, which claims nothing', function () {
    expect(ChiSquareTest::passes(0.0, 0))->toBeTrue()
        ->and(ChiSquareTest::upperTail(0.0, 5))->toBe(1.0);
});

it('is what can be integrated by hand for two, four and six degrees of freedom, far below the middle and far above', function (float $x) {
    $half = $x / 2;
    expect(ChiSquareTest::upperTail($x, 2))->toEqualWithDelta(exp(-$half), 1e-11)
        ->and(ChiSquareTest::upperTail($x, 4))->toEqualWithDelta(exp(-$half) * (1 + $half), 1e-11)
        ->and(ChiSquareTest::upperTail($x, 6))->toEqualWithDelta(exp(-$half) * (1 + $half + $half ** 2 / 2), 1e-11);
})->with([0.001, 0.5, 1.0, 2.0, 3.9, 4.0, 4.1, 8.0, 20.0, 60.0]);

it('is tied to the normal distribution for one degree of freedom', function (float $sigmas, float $outside) {
    expect(ChiSquareTest::upperTail($sigmas ** 2, 1))->toEqualWithDelta($outside, 1e-10);
})->with([[1.0, 0.31731050786291415], [2.0, 0.04550026389635842], [3.0, 0.0026997960632601866]]);

it('passes up to the level, and always where nothing checks', function () {
    expect(ChiSquareTest::passes(5.99, 2))->toBeTrue()
        ->and(ChiSquareTest::passes(5.992, 2))->toBeFalse()
        ->and(ChiSquareTest::passes(9.2, 2, 0.99))->toBeTrue()
        ->and(ChiSquareTest::passes(9.22, 2, 0.99))->toBeFalse()
        ->and(ChiSquareTest::passes(500.0, 0))->toBeTrue()
        ->and(ChiSquareTest::passes(500.0, -1))->toBeTrue()
        ->and(ChiSquareTest::passes(500.0, 1))->toBeFalse();
});
