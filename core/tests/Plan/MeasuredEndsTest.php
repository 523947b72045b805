<?php

declare(strict_types=1);

use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\MeasuredEnds;
use Geodex\Core\Plan\MeasuredPlace;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\OperationKinds;
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

it('lets an insert leave the line of the rail where the plan wants it to', function (string $kind, array $given) {
    // The rail rises three in a hundred, as charted and as measured: a leg, and an insert held level, meet the rear half all the same.
    $rises = array_map(fn (int $x): array => ["P$x", 500 + 0.03 * $x], [0, 1000, 2000, 3000]);
    $frame = new Frame(array_map(fn (array $one): Point => new Point($one[0], '', Side::Left, null, null, Vector3::of((float) substr($one[0], 1), -400, $one[1]), Tolerance::all(), true), $rises), [new Axle('front', 0), new Axle('rear', 2800)]);
    $operation = OperationKinds::read($kind, 'op1', ['at' => 1500, ...$given], new FieldReader);
    $shift = (new FramePlanner)->plan($frame, [$operation])->shifts->all[0];
    $ends = new MeasuredEnds(array_map(fn (Point $point): MeasuredPlace => new MeasuredPlace($point->id, Side::Left, $point->reference, Vector3::of(1, 1, 1)), $frame->points));
    expect($ends->miss(Side::Left, $shift)[1])->toEqualWithDelta(0.0, 1e-9);
    // A front half that dips a millimetre a metre more leads the insert as much further down.
    $dipped = new MeasuredEnds(array_map(fn (Point $point): MeasuredPlace => new MeasuredPlace($point->id, Side::Left, $point->reference->plus(Vector3::of(0, 0, -$point->reference->x / 1000)), Vector3::of(1, 1, 1)), $frame->points));
    $run = $shift->inserted * cos($shift->slope);
    expect($dipped->miss(Side::Left, $shift)[1])->toEqualWithDelta(($run - ($shift->bandEnd - $shift->cut)) / 1000, 1e-9);
})->with([
    'a kick' => ['kick', ['height' => 120, 'angle' => 30]],
    'a kick with a band taken out' => ['kick', ['height' => 120, 'angle' => 30, 'takeOut' => 300]],
    'a kick down' => ['kick', ['height' => 80, 'angle' => 20, 'direction' => 'down']],
    'a level insert' => ['stretch', ['length' => 500, 'level' => true]],
    'an insert along the rail' => ['stretch', ['length' => 500]],
    'a rail replaced' => ['replace', ['length' => 200, 'insert' => 500]],
]);

it('says both ways that the ends miss, from half a millimetre on', function (array $off, float $sure, string $said) {
    // A band of 500 between 1000 and 2000 takes half of what the rail runs askew there.
    expect(Said::mm(measuredRail([[0, 0], [0, 0], $off, $off], sure: $sure)->across(shiftOf(new Shorten('op1', 1200, 500)))[0]))->toBe($said);
})->with([
    [[10, -20], 1.0, 'op1, left: the rear end stands 5.0 mm ± 0.7 mm to the right and 10.0 mm ± 0.7 mm lower of where the front one leads.'],
    [[-10, 20], 1.0, 'op1, left: the rear end stands 5.0 mm ± 0.7 mm to the left and 10.0 mm ± 0.7 mm higher of where the front one leads.'],
    [[1.02, 0], 0.1, 'op1, left: the rear end stands 0.5 mm ± 0.1 mm to the right of where the front one leads.'],
    [[0, 1.02], 0.1, 'op1, left: the rear end stands 0.5 mm ± 0.1 mm higher of where the front one leads.'],
    [[0.9, -0.9], 0.1, 'op1, left: the measured ends meet.'],
]);

it('passes over two points that stand at one station, and tells nothing beyond the last', function () {
    $ends = new MeasuredEnds(array_map(fn (array $one): MeasuredPlace => new MeasuredPlace($one[0], Side::Left, Vector3::of($one[1], -400 + $one[2], 500), Vector3::of(1, 1, 1)), [['A', 0, 0], ['B', 1000, 0], ['C', 1000.5, 40], ['D', 2000, 0], ['E', 3000, 0]]));
    expect($ends->miss(Side::Left, shiftOf(new Stretch('op1', 1000.2, 300))))->toBeNull()
        ->and($ends->miss(Side::Left, shiftOf(new Stretch('op1', 500, 300)))[0])->toEqualWithDelta(0.0, 1e-9)
        ->and($ends->miss(Side::Left, shiftOf(new Stretch('op1', 3400, 300))))->toBeNull()
        ->and($ends->miss(Side::Left, shiftOf(new Stretch('op1', 3000, 300))))->not->toBeNull()
        ->and($ends->miss(Side::Right, shiftOf(new Stretch('op1', 500, 300))))->toBeNull();
});
