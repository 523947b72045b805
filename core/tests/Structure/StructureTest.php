<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Structure\ClearPlaces;
use Geodex\Core\Structure\FastenerGroup;
use Geodex\Core\Structure\HalfPose;
use Geodex\Core\Structure\MacaulaySum;
use Geodex\Core\Structure\MountBay;
use Geodex\Core\Structure\StackedRectangles;
use Geodex\Core\Structure\SupportPost;

describe('sums of brackets in one walk', function () {
    it('come to what adding them one by one comes to, in the order asked for', function (int $power) {
        $terms = [[1500.0, -20.0], [-300.0, 7.5], [1500.0, 3.0], [4000.0, 11.0]];
        $stations = [2500.0, -1000.0, 1500.0, 9000.0, 0.0];
        $slow = array_map(fn (float $x): float => array_sum(array_map(fn (array $one): float => $one[1] * max(0.0, $x - $one[0]) ** $power, $terms)), $stations);
        foreach (MacaulaySum::at($terms, $power, $stations) as $i => $sum) {
            expect($sum)->toEqualWithDelta($slow[$i], 1e-9 * max(1.0, abs($slow[$i])));
        }
    })->with([1, 2, 3, 4]);

    it('are nothing without terms', function () {
        expect(MacaulaySum::at([], 2, [5.0, 6.0]))->toBe([0.0, 0.0]);
    });
});

describe('clear places', function () {
    it('take touching for clear, between two obstacles that touch as well', function () {
        $clear = ClearPlaces::of(obstacles: [[100, 200], [260, 300]], foot: 60, clearance: 0);
        expect($clear->move(230))->toBe(0.0)
            ->and($clear->move(70))->toBe(0.0)
            ->and($clear->move(71))->toBe(-1.0)
            ->and($clear->move(150))->toBe(-80.0)
            ->and($clear->move(151))->toBe(79.0);
    });

    it('lead past obstacles that overlap, and nowhere from a rail that is too short', function () {
        expect(ClearPlaces::of(obstacles: [[100, 200], [150, 400]], foot: 20, clearance: 5)->move(300))->toBe(115.0)
            ->and(ClearPlaces::of(obstacles: [], foot: 80, clearance: 0, railFrom: 0, railTo: 50)->move(25))->toBeNull()
            ->and(ClearPlaces::of(obstacles: [[100, 200]], foot: 0, clearance: 0)->atOrBefore(180))->toBe(100.0);
    });
});

it('spreads mounts evenly, and pins the one that meets something', function () {
    $free = new MountBay(from: 0, to: 3000, maxPitch: 1000, clear: ClearPlaces::of(obstacles: [], foot: 0, clearance: 0));
    $blocked = new MountBay(from: 0, to: 3000, maxPitch: 1100, clear: ClearPlaces::of(obstacles: [[990, 1040]], foot: 0, clearance: 0));
    expect($free->layout())->toBe(['stations' => [1000.0, 2000.0], 'moved' => []])->and($free->fewest())->toBe(2)
        ->and($blocked->layout())->toBe(['stations' => [990.0, 1995.0], 'moved' => [0]]);
});

it('knows a section of rectangles: a channel, and the same with a hole in a flange about its own axis', function () {
    $channel = new StackedRectangles([[0, 188, 6], [97, 6, 70], [-97, 6, 70]]);
    expect($channel->area)->toBe(1968.0)
        ->and($channel->inertia)->toEqualWithDelta(11_228_416.0, 1e-6)
        ->and($channel->modulus())->toEqualWithDelta(112_284.16, 1e-6)
        ->and($channel->uprightArea)->toBe(1128.0);
    $holed = $channel->without([[97, 6, 14]]);
    expect($holed->axis)->toBeLessThan(0.0)
        ->and(1 - $holed->inertia / $channel->inertia)->toEqualWithDelta(0.0735, 5e-5)
        ->and($holed->reach(0))->toBe(100.0);
});

it('knows posts: about the weaker axis, and a solid one too', function () {
    expect(SupportPost::box(30, 30, 2.5)->inertia)->toEqualWithDelta(34_947.917, 1e-3)->and(SupportPost::box(40, 20, 2))->toEqual(SupportPost::box(20, 40, 2))
        ->and(SupportPost::tube(40, 20)->inertia)->toEqualWithDelta(M_PI * 40 ** 4 / 64, 1e-6)->and(SupportPost::box(30, 30, 2.5)->critical(650, 2, 210_000))->toEqualWithDelta(42_860, 1.0);
});

it('lets one fastener carry no moment, wherever it sits, and a weld line one of its own', function () {
    $one = new FastenerGroup([['at' => [1234.567, -89.1], 'area' => 113.1]], []);
    $line = new FastenerGroup([], [['from' => [0.0, 0.0], 'to' => [100.0, 0.0], 'throat' => 3.0]]);
    expect($one->carries(1.0))->toBeFalse()->and($one->carries(0.0))->toBeTrue()->and($line->polarInertia)->toEqualWithDelta(3 * 100 ** 3 / 12, 1e-9)
        ->and($line->worst([0.0, 0.0], 1000.0))->toEqualWithDelta(1000 / 250_000 * 50, 1e-12);
});

it('turns a half as its names say: yaw right, pitch down, roll up at the right; and travels as it is turned', function () {
    $still = new HalfPose(Vector3::of(3000, 0, 300), Vector3::of(0, 0, 0));
    expect((new HalfPose($still->pivot, $still->shift, yaw: 0.01))->place(Vector3::of(4000, 0, 300))->y)->toBeGreaterThan(9.9)
        ->and((new HalfPose($still->pivot, $still->shift, pitch: 0.01))->place(Vector3::of(4000, 0, 300))->z)->toBeLessThan(290.1)
        ->and((new HalfPose($still->pivot, $still->shift, roll: 0.01))->place(Vector3::of(3000, 400, 300))->z)->toBeGreaterThan(303.9);
    $pose = new HalfPose(Vector3::of(3000, 0, 300), Vector3::of(4, -3, 2), roll: 0.05, pitch: -0.08, yaw: 0.1);
    $point = Vector3::of(3600, 410, 340);
    foreach ($pose->travels($point) as $i => $travel) {
        $step = array_fill(0, 6, 0.0);
        $step[$i] = 1e-6;
        $moved = $pose->moved($step)->place($point)->minus($pose->place($point))->times(1e6);
        expect($moved->minus($travel)->norm())->toBeLessThan(1e-3);
    }
});
