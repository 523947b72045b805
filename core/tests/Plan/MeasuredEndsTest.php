<?php

declare(strict_types=1);

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\MeasuredEnds;
use Geodex\Core\Plan\MeasuredPlace;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\Shift;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Tests\Support\Trucks;

/**
 * A left rail measured at stations 0, 1000, 2000 and 3000, off to the right and up by so much at each.
 *
 * @param  list<array{float, float}>  $off
 */
function measuredRail(array $off, float $sure = 1.0): MeasuredEnds
{
    return new MeasuredEnds(array_map(fn (int $i): MeasuredPlace => new MeasuredPlace("P$i", Side::Left, Vector3::of(1000 * $i, -400 + $off[$i][0], 500 + $off[$i][1]), Vector3::of($sure, $sure, $sure)), range(0, 3)));
}

function shiftOf(Operation $operation): Shift
{
    return (new FramePlanner)->plan(new Frame([], [new Axle('front', 0), new Axle('rear', 2000)]), [$operation], Trucks::truck())->shifts->all[0];
}

it('finds straight rails to meet, wherever they are cut', function () {
    expect(Said::mm(measuredRail([[0, 0], [0, 0], [0, 0], [0, 0]])->across(shiftOf(new Stretch('op1', 1500, 640)))[0]))->toBe('op1, left: the measured ends meet.');
});

it('tells what a band takes of a rail that runs askew', function () {
    // 10 mm to the right between 1000 and 2000: a band of 300 there takes 3 mm of it.
    $miss = measuredRail([[0, 0], [0, 0], [10, -20], [10, -20]])->miss(Side::Left, shiftOf(new Shorten('op1', 1200, 300)));
    expect($miss[0])->toEqualWithDelta(3.0, 1e-9)->and($miss[1])->toEqualWithDelta(-6.0, 1e-9);
});

it('tells what an insert that goes on straight adds of a rail that runs askew', function () {
    // The insert of 500 leads 5 mm further right and 10 mm further down; the rear half only moves back.
    $miss = measuredRail([[0, 0], [0, 0], [10, -20], [10, -20]])->miss(Side::Left, shiftOf(new Stretch('op1', 1500, 500)));
    expect($miss[0])->toEqualWithDelta(-5.0, 1e-9)->and($miss[1])->toEqualWithDelta(10.0, 1e-9);
});

it('is as sure as the points that it rests on', function () {
    // The ends of the insert: −0.5 and 0.5 of the points at 1000 and 2000.
    $miss = measuredRail([[0, 0], [0, 0], [10, -20], [10, -20]], sure: 2.0)->miss(Side::Left, shiftOf(new Stretch('op1', 1500, 500)));
    expect($miss[2])->toEqualWithDelta(2.0 * sqrt(0.5), 1e-9);
});

it('says nothing of less than it is sure of', function () {
    expect(Said::mm(measuredRail([[0, 0], [0, 0], [2, 0], [2, 0]], sure: 3.0)->across(shiftOf(new Stretch('op1', 1500, 500)))[0]))->toBe('op1, left: the measured ends meet.');
});

it('says which way, by how much, and how sure', function () {
    expect(Said::mm(measuredRail([[0, 0], [0, 0], [10, -20], [10, -20]])->across(shiftOf(new Stretch('op1', 1500, 500)))[0]))->toBe('op1, left: the rear end stands 5.0 mm ± 0.7 mm to the left and 10.0 mm ± 0.7 mm higher of where the front one leads.');
});

it('says nothing of a side that was not measured on both sides of the cut', function () {
    expect(measuredRail([[0, 0], [0, 0], [0, 0], [0, 0]])->miss(Side::Right, shiftOf(new Stretch('op1', 1500, 500))))->toBeNull();
});

it('puts points where they were measured, and leaves the others in the chart', function () {
    $frame = new Frame(Readings::ladder(4)->points, [new Axle('front', 0)]);
    $first = $frame->points[0];
    $measured = MeasuredEnds::frame($frame, [new MeasuredPlace($first->id, $first->side, Vector3::of(1, 2, 3), Vector3::of(1, 1, 1))]);
    expect($measured->points[0]->reference->toArray())->toBe([1.0, 2.0, 3.0])
        ->and($measured->points[1]->reference)->toEqual($frame->points[1]->reference)
        ->and($measured->axles)->toBe($frame->axles);
});
