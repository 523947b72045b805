<?php

declare(strict_types=1);

use Geodex\Core\Findings\CopyingSlips;
use Geodex\Core\Tests\Support\Said;

/** @return list<string> what the chart may have meant, and the slip */
function slipsOf(float $chart, float $off): array
{
    return array_map(fn (array $slip): string => "$slip[0] ".Said::mm($slip[1]), (new CopyingSlips)->of($chart, $off));
}

it('turns a number round, swaps its neighbours, and takes a figure off or puts one on', function () {
    expect(slipsOf(2900.0, -12.0))->toBe([
        '-2900 a minus is lost or one too many',
        '9200 two digits swapped',
        '2090 two digits swapped',
        '2890 a round 10 mm',
        '2880 a round 20 mm',
        '2874.6 one inch',
        '2870 a round 30 mm',
        '2850 a round 50 mm',
        '2800 a round 100 mm',
        '2700 a round 200 mm',
        '2600 a round 300 mm',
        '2400 a round 500 mm',
        '1900 a round 1000 mm',
    ]);
});

it('goes the way that the point is off', function (float $off, float $meant) {
    expect((new CopyingSlips)->of(0.0, $off)[1][0])->toBe($meant);
})->with([[0.5, 10.0], [-0.5, -10.0], [0.0, -10.0]]);

it('swaps neighbouring digits that differ, and none across the decimal point', function (float $chart, array $meant) {
    $swapped = array_filter((new CopyingSlips)->of($chart, 1.0), fn (array $slip): bool => $slip[1]->code === 'slip.digits');
    expect(array_values(array_map(fn (array $slip): float => $slip[0], $swapped)))->toBe($meant);
})->with([
    'all four' => [1234.0, [2134.0, 1324.0, 1243.0]],
    'a minus stays' => [-390.0, [-930.0, -309.0]],
    'two alike' => [1144.0, [1414.0]],
    'a tenth' => [45.67, [54.7]],
    'a tenth that rounds to nothing' => [45.02, [54.0]],
    'one digit' => [7.0, []],
    'nothing' => [0.0, []],
]);

it('weighs a slip against a bend by their densities, and gives each form its share', function (float $mm, float $figure, float $sigma, int $forms) {
    // Two normal densities, one about the figure with chart rounding and σ, one about nought with 8 mm and σ.
    $density = fn (float $x, float $s): float => exp(-$x * $x / (2 * $s * $s)) / ($s * sqrt(2 * M_PI));
    $expected = $density($mm - $figure, sqrt($sigma ** 2 + 0.5 ** 2)) / $density($mm, sqrt($sigma ** 2 + 8.0 ** 2)) / $forms;
    expect((new CopyingSlips)->likelier($mm, $figure, $sigma, $forms))->toEqualWithDelta($expected, 1e-9 * $expected);
})->with([
    'twenty, sharply read' => [20.3, 20.0, 0.2, 13],
    'twenty, the other way' => [-20.3, -20.0, 0.2, 13],
    'an inch, poorly read' => [24.0, 25.4, 3.0, 11],
    'ten, which bending does as well' => [10.0, 10.0, 1.0, 12],
    'beside the figure' => [14.0, 10.0, 1.5, 12],
]);

it('is never surer than a million to one, and not at all beside every figure', function () {
    expect((new CopyingSlips)->likelier(1000.0, 1000.0, 0.5, 13))->toBe(1e6)
        ->and((new CopyingSlips)->likelier(60.0, 10.0, 0.1, 13))->toBe(0.0);
});
