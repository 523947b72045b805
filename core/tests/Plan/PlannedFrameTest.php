<?php

declare(strict_types=1);

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\CarriedItem;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\Cutting;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** A ladder of eight rows, 100 to 5000, its rails made level. */
function levelLadder(array $carried = []): Frame
{
    $points = array_map(
        fn ($point) => $point->at(Vector3::of($point->reference->x, $point->reference->y, 450)),
        Readings::ladder(8)->points,
    );

    return new Frame($points, [new Axle('front', 400), new Axle('rear', 3700)], $carried);
}

/** @param  list<Stretch|Shorten>  $operations */
function planned(array $operations, array $carried = []): PlannedFrame
{
    return (new FramePlanner)->plan(levelLadder($carried), $operations);
}

describe('something fixed to the frame', function () {
    it('ends up behind every cut that lies before it', function (float $station, ?float $moved) {
        $plan = planned([new Stretch('a', 1200, 300), new Shorten('b', 2500, 200), new Stretch('c', 4200, 50)]);
        expect($plan->moved(Vector3::of($station, 5, 6))?->x)->toBe($moved);
    })->with([
        'before all' => [1000.0, 1000.0],
        'at the first cut' => [1200.0, 1200.0],
        'behind the first' => [1300.0, 1600.0],
        'in the band taken out' => [2600.0, null],
        'at the far end of the band' => [2700.0, 2800.0],
        'behind the band' => [3000.0, 3100.0],
        'behind all' => [5000.0, 5150.0],
    ]);

    it('keeps its offset and height on level rails', function () {
        $moved = planned([new Stretch('a', 1200, 300)])->moved(Vector3::of(2000, -123, 77));
        expect($moved?->toArray())->toBe([2300.0, -123.0, 77.0]);
    });
});

describe('axles', function () {
    it('move with the rail they stand on', function (array $operations, array $stations, float $wheelbase) {
        $plan = planned($operations);
        expect(array_map(fn (Axle $axle): float => $axle->station, $plan->frame->axles))->toBe($stations)
            ->and($plan->wheelbaseAfter)->toBe($wheelbase)
            ->and($plan->wheelbaseBefore)->toBe(3300.0);
    })->with([
        'stretched between them' => [[new Stretch('a', 1300, 640)], [400.0, 4340.0], 3940.0],
        'shortened between them' => [[new Shorten('a', 1300, 300)], [400.0, 3400.0], 3000.0],
        'stretched behind both' => [[new Stretch('a', 4100, 500)], [400.0, 3700.0], 3300.0],
        'stretched before both' => [[new Stretch('a', 250, 100)], [500.0, 3800.0], 3300.0],
        'both ways' => [[new Stretch('a', 1300, 640), new Shorten('b', 2300, 140)], [400.0, 4200.0], 3800.0],
    ]);
});

describe('what runs along the frame', function () {
    it('changes by every cut between its ends', function (float $from, float $to, ?float $change) {
        $plan = planned([new Stretch('a', 1200, 300), new Shorten('b', 2500, 200)], [new CarriedItem('line', [$from, $to])]);
        expect($plan->carried[0]->change ?? null)->toBe($change);
    })->with([
        'crosses the stretch' => [500.0, 2000.0, 300.0],
        'crosses the shorten' => [2000.0, 4000.0, -200.0],
        'crosses both' => [0.0, 5000.0, 100.0],
        'ends before' => [0.0, 1100.0, null],
        'starts behind' => [3000.0, 5000.0, null],
        'starts at the cut' => [1200.0, 2000.0, 300.0],
        'ends at the cut' => [500.0, 1200.0, null],
    ]);

    it('has its ends where they move to', function () {
        $item = planned([new Stretch('a', 1200, 300)], [new CarriedItem('line', [500, 2000])])->frame->carried[0];
        expect([$item->front(), $item->rear()])->toBe([500.0, 2300.0]);
    });
});

describe('marks and pieces', function () {
    it('prove the length whatever the saw takes', function (float $kerf) {
        $stretch = planned([new Stretch('a', 1200, 300, new Cutting(kerf: $kerf, witness: 120))]);
        $shorten = planned([new Shorten('b', 2500, 200, new Cutting(kerf: $kerf, witness: 120))]);
        expect($stretch->witness[0]->after - $stretch->witness[0]->before)->toBe(300.0)
            ->and($shorten->witness[0]->before - $shorten->witness[0]->after)->toBe(200.0)
            ->and($stretch->cuts[0]->piece - $kerf)->toBe(300.0)
            ->and($shorten->cuts[0]->piece + 2 * $kerf)->toBe(200.0);
    })->with([0.0, 1.2, 3.0, 20.0]);
});

it('can be planned again on the planned frame', function () {
    $first = planned([new Stretch('a', 1200, 300)]);
    $second = (new FramePlanner)->plan($first->frame, [new Stretch('b', 1400, 100)]);
    $once = planned([new Stretch('a', 1200, 400)]);
    foreach ($once->target as $id => $place) {
        expect($second->target[$id]?->minus($place)->norm())->toBeLessThan(1e-9);
    }
});

it('leaves points without a chart where they are: nowhere', function () {
    $frame = new Frame([
        ...levelLadder()->points,
        new Geodex\Core\Frame\Point('X', '', Geodex\Core\Frame\Side::Centre, null, null, null, Geodex\Core\Frame\Tolerance::all(), false),
    ]);
    $plan = (new FramePlanner)->plan($frame, [new Stretch('a', 1200, 300)]);
    expect($plan->target['X'])->toBeNull()->and(Said::mm($plan->warnings))->not->toContain('X');
});
