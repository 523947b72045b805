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

it('has no shape where it is shorter than a millimetre, wherever along the frame it stands', function (float $from, float $length, bool $hasShape) {
    $pairs = [pairAt(0, $from, 400, 400, [0, 0, 2], [0, 0, 0]), pairAt(1, $from + $length, 400, 400, [0, 0, 0], [0, 0, 0])];
    expect((new CentreSection)->amounts($pairs) !== [])->toBe($hasShape);
})->with([[0.0, 1.0, true], [500.0, 1.0, true], [500.0, 0.75, false], [-400.0, 0.5, false], [500.0, 2.0, true]]);

it('has no diamond where all its points stand in one line in plan', function (float $beside, bool $hasDiamond) {
    $pair = fn (int $n, float $x, float $beside): Pair => new Pair("{$n}L", "{$n}R", Vector3::of($x, $x - 50 + $beside, 400), Vector3::of($x + 100, $x + 50, 400), Vector3::of(1, 2, 0), Vector3::of(0, 0, 0), 6 * $n, 6 * $n + 3, 3.0);
    expect(amountOf([$pair(0, 0.0, 0.0), $pair(1, 900.0, $beside)], Pattern::Diamond) !== null)->toBe($hasDiamond);
})->with([[0.0, false], [0.01, false], [1.0, true], [-10.0, true]]);

it('measures a diamond of an unsymmetrical chart as its best affine fit does', function () {
    // Half widths grow rearward on the right only, so that station and offset go together: by the normal equations of x, y and one.
    $rows = [[0.0, 400.0, 380.0], [700.0, 390.0, 450.0], [1600.0, 410.0, 520.0]];
    $pairs = $places = [];
    foreach ($rows as $n => [$x, $l, $r]) {
        $left = [0.8 * $n, 1.1 - $n, 0.0];
        $right = [2.0 - 0.3 * $n, 0.4 * $n, 0.0];
        $pairs[] = pairAt($n, $x, $l, $r, $left, $right);
        array_push($places, [$x, -$l, ...$left], [$x, $r, ...$right]);
    }
    $centred = function (int $k) use ($places): array {
        $column = array_column($places, $k);

        return array_map(fn (float $v): float => $v - array_sum($column) / count($column), $column);
    };
    [$x, $y, $dx, $dy] = array_map($centred, [0, 1, 2, 3]);
    $sum = fn (array $a, array $b): float => array_sum(array_map(fn (float $p, float $q): float => $p * $q, $a, $b));
    // ∂dx/∂y by Cramer's rule from one regression, ∂dy/∂x from the other.
    $det = $sum($x, $x) * $sum($y, $y) - $sum($x, $y) ** 2;
    $shear = ($sum($x, $x) * $sum($y, $dx) - $sum($x, $y) * $sum($x, $dx)) / $det + ($sum($y, $y) * $sum($x, $dy) - $sum($x, $y) * $sum($y, $dy)) / $det;
    expect(amountOf($pairs, Pattern::Diamond)->value)->toEqualWithDelta($shear * (780 + 840 + 930) / 3, 1e-9);
});

it('adds another amount once unless it is told how often', function () {
    $one = (new LinearAmount)->with(4, 3.0, 0.5);
    expect((new LinearAmount)->with(4, 3.0, 1.0)->plus($one)->value)->toBe(4.5)
        ->and((new LinearAmount)->plus($one)->weights)->toBe([4 => 0.5])
        ->and((new LinearAmount)->plus($one, -2.0)->value)->toBe(-3.0);
});
