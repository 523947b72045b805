<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\InvalidPlan;
use Geodex\Core\Plan\RailLine;

/** @param  array<int, array{float, float}>  $heights left and right height by station */
function railOf(array $heights): RailLine
{
    $points = [];
    foreach ($heights as $station => [$left, $right]) {
        $points[] = new Point("L$station", '', Side::Left, null, null, Vector3::of($station, -400, $left), Tolerance::all(), false);
        $points[] = new Point("R$station", '', Side::Right, null, null, Vector3::of($station, 400, $right), Tolerance::all(), false);
    }

    return new RailLine(new Frame($points));
}

it('runs from the foremost to the rearmost charted point', function () {
    $rail = railOf([500 => [400, 400], -640 => [500, 500], 5240 => [400, 400]]);
    expect($rail->front())->toBe(-640.0)->and($rail->rear())->toBe(5240.0);
});

it('slopes as its points do, and on in a straight line beyond them', function (float $station, float $degrees) {
    $rail = railOf([0 => [400, 400], 1000 => [400, 400], 1800 => [1000, 1000], 3000 => [1000, 1000]]);
    expect(rad2deg($rail->slope($station)))->toEqualWithDelta($degrees, 1e-9);
})->with([
    'before the front' => [-100.0, 0.0],
    'level' => [500.0, 0.0],
    'in the kick-up' => [1400.0, rad2deg(atan2(600, 800))],
    'level again' => [2500.0, 0.0],
    'behind the rear' => [4000.0, 0.0],
]);

it('is the mean of both sides', function () {
    $rail = railOf([0 => [400, 420], 1000 => [500, 540]]);
    expect(tan($rail->slope(500)))->toEqualWithDelta((520 - 410) / 1000, 1e-12);
});

it('names where it bends inside a band', function (float $from, float $to, array $bends) {
    $rail = railOf([0 => [400, 400], 1000 => [400, 400], 1800 => [1000, 1000], 2400 => [1000, 1000], 3000 => [1000, 1000]]);
    expect($rail->bends($from, $to))->toBe($bends);
})->with([
    'straight' => [100.0, 900.0, []],
    'over the foot of the kick-up' => [900.0, 1100.0, [1000.0]],
    'over the whole kick-up' => [900.0, 1900.0, [1000.0, 1800.0]],
    'over a point where it does not bend' => [2300.0, 2500.0, []],
]);

it('needs two charted stations', function () {
    expect(fn () => railOf([0 => [400, 400]]))->toThrow(InvalidPlan::class, 'at least two points')
        ->and(fn () => new RailLine(new Frame([])))->toThrow(InvalidPlan::class);
});

it('leaves centre points out: they are no rail', function () {
    $points = [
        new Point('C1', '', Side::Centre, null, null, Vector3::of(0, 0, 100), Tolerance::all(), false),
        new Point('C2', '', Side::Centre, null, null, Vector3::of(900, 0, 100), Tolerance::all(), false),
    ];
    expect(fn () => new RailLine(new Frame($points)))->toThrow(InvalidPlan::class);
});

it('lies level between the ends of a rail that no points, or one, draw', function () {
    $at = fn (float $x, float $z): Frame => new Frame([new Point('A', '', Side::Left, null, null, Vector3::of($x, -400, $z), Tolerance::all(), false)]);
    foreach ([new Frame([]), $at(1000, 450)] as $frame) {
        $rail = new RailLine($frame, [-700.5, 5300.5]);
        expect($rail->front())->toBe(-700.5)->and($rail->rear())->toBe(5300.5)->and($rail->slope(1000.0))->toBe(0.0)->and($rail->crooked())->toBe([])->and($rail->bends(-600.0, 5000.0))->toBe([]);
    }
});

it('slopes up to its very ends, and is level past them', function () {
    $rail = railOf([0 => [400, 400], 1000 => [500, 500]]);
    $slope = atan2(100, 1000);
    expect(array_map($rail->slope(...), [0.0, 0.5, 999.5, 1000.0]))->toEqualWithDelta([$slope, $slope, $slope, $slope], 1e-12)
        ->and(array_map($rail->slope(...), [-0.5, 1000.5]))->toBe([0.0, 0.0]);
});

it('takes slopes that follow one another for one crooked stretch, and those with level rail between for two', function () {
    expect(railOf([0 => [400, 400], 1000 => [400, 400], 1400 => [500, 500], 1800 => [700, 700], 3000 => [700, 700]])->crooked())->toBe([[1000.0, 1800.0]])
        ->and(railOf([0 => [400, 400], 500 => [450, 450], 2000 => [450, 450], 2600 => [300, 300], 4000 => [300, 300]])->crooked())->toBe([[0.0, 500.0], [2000.0, 2600.0]]);
});

it('takes a slope of less than a degree for level, and a bend of less than half a degree for none', function (float $rise, array $crooked, array $bends) {
    $rail = railOf([0 => [400, 400], 1000 => [400, 400], 2000 => [400 + $rise, 400 + $rise]]);
    expect($rail->crooked())->toBe($crooked)->and($rail->bends(500.0, 1500.0))->toBe($bends);
})->with([
    'under half a degree' => [8.7, [], []],
    'over half a degree' => [8.8, [], [1000.0]],
    'under one' => [17.4, [], [1000.0]],
    'over one' => [17.5, [[1000.0, 2000.0]], [1000.0]],
    'over one, down' => [-17.5, [[1000.0, 2000.0]], [1000.0]],
]);

it('does not bend where a band begins or ends', function () {
    $rail = railOf([0 => [400, 400], 1000 => [400, 400], 1800 => [1000, 1000]]);
    expect($rail->bends(1000.0, 1500.0))->toBe([])->and($rail->bends(500.0, 1000.0))->toBe([])->and($rail->bends(999.5, 1000.5))->toBe([1000.0]);
});
