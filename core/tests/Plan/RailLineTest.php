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
