<?php

declare(strict_types=1);

use Geodex\Core\Findings\CentreSection;
use Geodex\Core\Findings\LinearAmount;
use Geodex\Core\Findings\Pair;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Geometry\Vector3;

/**
 * A pair of an unsymmetrical frame: station, half widths left and right, and what either side is off.
 *
 * @param  array{float, float, float}  $left
 * @param  array{float, float, float}  $right
 */
function pairAt(int $n, float $x, float $l, float $r, array $left, array $right): Pair
{
    return new Pair("{$n}L", "{$n}R", Vector3::of($x, -$l, 400), Vector3::of($x, $r, 400), Vector3::of(...$left), Vector3::of(...$right), 6 * $n, 6 * $n + 3, 3.0);
}

/** @param  list<Pair>  $pairs */
function amountOf(array $pairs, Pattern $pattern): ?LinearAmount
{
    foreach ((new CentreSection)->amounts($pairs) as [$is, $amount]) {
        if ($is === $pattern) {
            return $amount;
        }
    }

    return null;
}

it('measures twist as the slope of the roll over the length, positive where the right side rises rearward', function () {
    // Rolls −4/800, 1/700, 8/1000 at 0, 900, 2100; least squares by hand: mean 1000, spread 2 220 000.
    $pairs = [pairAt(0, 0, 400, 400, [0, 0, 2], [0, 0, -2]), pairAt(1, 900, 300, 400, [0, 0, 0], [0, 0, 1]), pairAt(2, 2100, 500, 500, [0, 0, -3], [0, 0, 5])];
    $slope = (-0.005 * (0 - 1000) + (1 / 700) * (900 - 1000) + 0.008 * (2100 - 1000)) / 2_220_000;
    expect(amountOf($pairs, Pattern::Twist)->value)->toEqualWithDelta($slope * 2100 * (800 + 700 + 1000) / 3, 1e-9)->toBeGreaterThan(0.0);
});

it('measures sag at the inner pair nearest the middle against the straight line between the ends, positive upward', function () {
    // Middle station 1050: the pair at 900 is nearer than that at 1400. Line from 1 (mean of 2 and 0) to 4: at 900/2100.
    $pairs = [pairAt(0, 0, 400, 400, [0, 0, 2], [0, 0, 0]), pairAt(1, 900, 300, 400, [0, 0, -5], [0, 0, -7]), pairAt(2, 1400, 400, 400, [0, 0, 50], [0, 0, 50]), pairAt(3, 2100, 500, 500, [0, 0, 4], [0, 0, 4])];
    $share = 900 / 2100;
    expect(amountOf($pairs, Pattern::Sag)->value)->toEqualWithDelta(-6 - (1 * (1 - $share) + 4 * $share), 1e-9)->toBeLessThan(0.0);
});

it('measures a diamond unchanged by any turn or shift of the whole, positive where the right rail sits rearward', function (float $shift, float $turn) {
    $pairs = [];
    foreach ([[0, 0, 400, 420], [1, 700, 380, 390], [2, 1900, 400, 410]] as [$n, $x, $l, $r]) {
        // A shear of 0.01: x moves by 0.01 y; the whole is turned and shifted besides.
        $off = fn (float $y): array => [0.01 * $y - $turn * $y + $shift, $turn * $x - $shift, 0];
        $pairs[] = pairAt($n, $x, $l, $r, $off(-$l), $off($r));
    }
    expect(amountOf($pairs, Pattern::Diamond)->value)->toEqualWithDelta(0.01 * (820 + 770 + 810) / 3, 1e-9);
})->with([[0.0, 0.0], [12.0, 0.0], [0.0, 0.004], [-5.0, -0.003]]);

it('says nothing of what its pairs do not show', function () {
    $one = [pairAt(0, 0, 400, 400, [0, 0, 2], [0, 0, 0])];
    $two = [...$one, pairAt(1, 900, 400, 400, [0, 0, 0], [0, 0, 0])];
    expect((new CentreSection)->amounts($one))->toBe([])->and(array_map(fn (array $one): string => $one[0]->value, (new CentreSection)->amounts($two)))->toBe(['twist', 'diamond'])
        ->and((new CentreSection)->amounts([$one[0], pairAt(1, 0.9, 400, 400, [0, 0, 0], [0, 0, 0])]))->toBe([])->and((new CentreSection)->amounts([$one[0], pairAt(1, 1.1, 400, 400, [0, 0, 0], [0, 0, 0])]))->not->toBe([]);
});

it('weighs its coordinates so that the amount follows from them', function () {
    $pairs = [pairAt(0, 0, 400, 400, [1, 2, 2], [3, -1, -2]), pairAt(1, 900, 300, 400, [0, 4, 0], [2, 0, 1]), pairAt(2, 2100, 500, 500, [5, 0, -3], [0, 1, 5])];
    $off = [];
    foreach ($pairs as $pair) {
        foreach ([0, 1, 2] as $axis) {
            $off[$pair->leftColumn + $axis] = $pair->leftOff->toArray()[$axis];
            $off[$pair->rightColumn + $axis] = $pair->rightOff->toArray()[$axis];
        }
    }
    foreach ((new CentreSection)->amounts($pairs) as [, $amount]) {
        expect(array_sum(array_map(fn (int $column, float $weight): float => $weight * $off[$column], array_keys($amount->weights), $amount->weights)))->toEqualWithDelta($amount->value, 1e-9);
    }
});
