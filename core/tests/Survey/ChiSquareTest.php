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
