<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Plan\SpreadRound;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stand\SpreadGuide;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Shop\Shop;

/** @param  list<int>  $stations */
function pairsAt(array $stations): Frame
{
    $points = [];
    foreach ($stations as $x) {
        foreach ([Side::Left, Side::Right] as $side) {
            $points[] = new Point($x.($side === Side::Left ? 'L' : 'R'), '', $side, null, null, Vector3::of($x, $side === Side::Left ? -400 : 400, 500), Tolerance::all(), true);
        }
    }

    return new Frame($points, [new Axle('front', 0), new Axle('rear', 3000)]);
}

function guideOf(array $stations = [0, 1000, 2000, 3000], ?Stretch $stretch = null): ?SpreadGuide
{
    $plan = (new FramePlanner)->plan(pairsAt($stations), [$stretch ?? new Stretch('op1', 1500, 640)]);

    return SpreadGuide::across($plan, $plan->shifts->all[0]);
}

it('reads between the points next to the cut, and to one further back, as they will stand', function () {
    $guide = guideOf();
    expect($guide->between())->toBe([
        'tramLeft' => '1000L – 2000L', 'tramRight' => '1000R – 2000R', 'diagonalA' => '1000L – 2000R', 'diagonalB' => '1000R – 2000L',
        'riseLeft' => '1000L – 2000L', 'riseRight' => '1000R – 2000R', 'riseFar' => '1000L – 3000L',
    ])->and($guide->planned()['tramLeft'])->toEqualWithDelta(1640.0, 1e-9)->and($guide->planned()['diagonalB'])->toEqualWithDelta(hypot(1640, 800), 1e-9)->and($guide->planned()['riseFar'])->toBe(0.0);
});

it('finds a half that stands as planned to be set', function () {
    $guide = guideOf();
    $round = SpreadRound::of($guide, (new FieldReader)->read(SpreadGuide::fields(), $guide->planned()), new Shop);
    expect($round->worst)->toBeLessThan(1e-6)
        ->and($round->isSet)->toBeTrue()
        ->and($round->told['redundancy'])->toBe(1);
});

it('tells a half that stands off in all six freedoms, to be moved back by as much', function () {
    $guide = guideOf();
    // Moved by (4, −3, 2.5) and turned by 0.2° in plan about the middle of its three points.
    $middle = Vector3::of((2640 + 2640 + 3640) / 3, -400 / 3, 500);
    $turned = function (Vector3 $p) use ($middle): Vector3 {
        [$arm, $yaw] = [$p->minus($middle), deg2rad(0.2)];

        return $middle->plus(Vector3::of($arm->x * cos($yaw) - $arm->y * sin($yaw) + 4, $arm->x * sin($yaw) + $arm->y * cos($yaw) - 3, $arm->z + 2.5));
    };
    $now = array_map($turned, $guide->places);
    [$left, $right] = [$guide->places['front left'], $guide->places['front right']];
    $read = [
        'tramLeft' => $now['rear left']->minus($left)->norm(), 'tramRight' => $now['rear right']->minus($right)->norm(), 'diagonalA' => $now['rear right']->minus($left)->norm(), 'diagonalB' => $now['rear left']->minus($right)->norm(),
        'riseLeft' => 2.5, 'riseRight' => 2.5, 'riseFar' => 2.5,
    ];
    $round = SpreadRound::of($guide, (new FieldReader)->read(SpreadGuide::fields(), $read), new Shop);
    expect($round->told['shift'])->each(fn ($value) => $value->toBeFloat())->and($round->told['shift'][0])->toEqualWithDelta(4.0, 1e-4)->and($round->told['shift'][1])->toEqualWithDelta(-3.0, 1e-4)->and($round->told['shift'][2])->toEqualWithDelta(2.5, 1e-4)
        ->and($round->told['turn']['yaw'])->toEqualWithDelta(0.2, 1e-5)->and(array_column($round->told['moves'], 'move'))->toBe(['turn', 'heights', 'sideways', 'gap'])->and($round->isSet)->toBeFalse();
});

it('counts a half as set by the shop\'s own measure', function () {
    $guide = guideOf();
    $read = (new FieldReader)->read(SpreadGuide::fields(), [...$guide->planned(), 'riseLeft' => 2.0, 'riseRight' => 2.0, 'riseFar' => 2.0]);
    expect(SpreadRound::of($guide, $read, new Shop)->isSet)->toBeFalse()
        ->and(SpreadRound::of($guide, $read, new Shop(['spreadTolerance' => 2.5]))->isSet)->toBeTrue();
});

it('needs a pair before the cut, and a pair and a third point behind it', function () {
    expect(guideOf([0, 1000, 2000]))->toBeNull()->and(guideOf([0, 2000, 3000]))->not->toBeNull();
});

it('takes no point that is cut out', function () {
    $plan = (new FramePlanner)->plan(pairsAt([0, 1000, 1600, 2000, 3000]), [new Shorten('op1', 1500, 200)]);
    expect(SpreadGuide::across($plan, $plan->shifts->all[0])->names['rear left'])->toBe('2000L');
});

it('says which reading cannot be', function () {
    $guide = guideOf();
    $read = (new FieldReader)->read(SpreadGuide::fields(), [...$guide->planned(), 'riseFar' => 5000.0]);
    expect(fn () => SpreadRound::of($guide, $read, new Shop))->toThrow(InvalidFields::class);
});

it('wants a third point at least a hand behind the others', function (int $third, bool $guides) {
    expect(guideOf([0, 1000, 2000, $third]) !== null)->toBe($guides);
})->with([[2099, false], [2100, true], [2101, true]]);

it('takes the points next to the cut and the one furthest back, whatever the order of the chart', function (bool $turned) {
    $frame = pairsAt([0, 500, 1000, 2000, 2600, 3000]);
    $points = $turned ? array_reverse($frame->points) : $frame->points;
    $middle = new Point('M', '', Side::Centre, null, null, Vector3::of(1490, 0, 500), Tolerance::all(), true);
    $plan = (new FramePlanner)->plan(new Frame([$middle, ...$points, new Point('U', '', Side::Left, null, null, null, Tolerance::all(), false)], $frame->axles), [new Stretch('op1', 1500, 640)]);
    $guide = SpreadGuide::across($plan, $plan->shifts->all[0]);
    expect($guide?->between()['diagonalA'])->toBe('1000L – 2000R')
        ->and($guide?->between()['riseFar'])->toBe('1000L – 3000L');
})->with([false, true]);

it('guides nothing where a side has no point before or behind the cut', function (array $without) {
    $frame = pairsAt([0, 1000, 2000, 3000]);
    $some = new Frame(array_values(array_filter($frame->points, fn (Point $point): bool => ! in_array($point->id, $without, true))), $frame->axles);
    $plan = (new FramePlanner)->plan($some, [new Stretch('op1', 1500, 640)]);
    expect(SpreadGuide::across($plan, $plan->shifts->all[0]))->toBeNull();
})->with([[['0L', '1000L']], [['0R', '1000R']], [['2000L', '3000L']], [['2000R', '3000R']]]);
