<?php

declare(strict_types=1);

use Geodex\Core\Bench\Corner;
use Geodex\Core\Bench\CornerHeights;
use Geodex\Core\Bench\Jig;
use Geodex\Core\Bench\LevelPlanner;
use Geodex\Core\Bench\ScrewTurn;
use Geodex\Core\Bench\UnusableBench;

/** A bench 5 m by 1.2 m on screws of 2 mm pitch and 60 mm travel. */
function jig(array $with = []): Jig
{
    return new Jig(...['length' => 5000.0, 'width' => 1200.0, 'pitch' => 2.0, 'travel' => 60.0, ...$with]);
}

it('turns the screws to the height between the middle two, which is the least to move', function () {
    $plan = (new LevelPlanner)->plan(jig(), CornerHeights::above(100.0, 103.0, 98.0, 109.0));
    // Mean 102.5 lies between the second and third height, 100 and 103.
    expect(array_map(fn (ScrewTurn $turn): array => [$turn->corner->value, round($turn->change, 6), round($turn->turns, 6), $turn->clockwise], $plan->turns))->toBe([
        ['front-left', 2.5, 1.25, true],
        ['front-right', -0.5, 0.25, false],
        ['rear-left', 4.5, 2.25, true],
        ['rear-right', -6.5, 3.25, false],
    ])->and($plan->level)->toBeFalse()->and($plan->spread)->toBe(11.0);
});

it('moves no less in total at any other height', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $heights = array_map(fn (): float => $random->getInt(-200, 200) / 10, range(1, 4));
    $plan = (new LevelPlanner)->plan(jig(['travel' => 200.0]), CornerHeights::above(...$heights));
    $total = array_sum(array_map(fn (ScrewTurn $turn): float => abs($turn->change), $plan->turns));
    for ($h = -20.0; $h <= 20.0; $h += 0.1) {
        expect(array_sum(array_map(fn (float $height): float => abs($h - $height), $heights)))->toBeGreaterThanOrEqual($total - 1e-9);
    }
})->with([[1], [2], [3]]);

it('says how the plane through the corners stands and what no plane takes out', function () {
    $plan = (new LevelPlanner)->plan(jig(), CornerHeights::above(0.0, 2.0, 6.0, 8.0));
    expect($plan->along)->toBe(6.0)->and($plan->across)->toBe(2.0)->and($plan->twist)->toBe(0.0);
    expect((new LevelPlanner)->plan(jig(), CornerHeights::above(1.0, -1.0, -1.0, 1.0))->twist)->toBe(1.0);
});

it('reads a laser line the other way up', function () {
    $up = (new LevelPlanner)->plan(jig(), CornerHeights::above(1.0, 2.0, 3.0, 4.0));
    $down = (new LevelPlanner)->plan(jig(), CornerHeights::below(1.0, 2.0, 3.0, 4.0));
    expect($down->along)->toBe(-$up->along)
        ->and($down->turns[0]->change)->toBe(-$up->turns[0]->change);
});

it('makes heights of a level laid on the beams, and says by how much they do not close', function () {
    $rise = fn (float $mm, float $span): float => rad2deg(atan($mm / $span));
    $heights = CornerHeights::slopes(jig(), $rise(3.0, 1200), $rise(5.0, 1200), $rise(10.0, 5000), $rise(12.0, 5000));
    expect($heights->at(Corner::FrontRight))->toEqualWithDelta(3.0, 1e-9)->and($heights->at(Corner::RearLeft))->toEqualWithDelta(10.0, 1e-9)
        ->and($heights->at(Corner::RearRight))->toEqualWithDelta(15.0, 1e-9)->and($heights->misclosure)->toEqualWithDelta(0.0, 1e-9);
    expect(CornerHeights::slopes(jig(), 0.0, 0.0, 0.0, $rise(4.0, 5000))->misclosure)->toEqualWithDelta(4.0, 1e-9);
});

it('never turns a screw past its stop', function () {
    // Rear right stands 2 mm above its lower stop, so it can come down only that far.
    $plan = (new LevelPlanner)->plan(jig(), CornerHeights::above(100.0, 100.0, 100.0, 108.0), ['rear-right' => 2.0]);
    expect($plan->turns[3]->change)->toBe(-2.0)->and($plan->turns[0]->change)->toBe(6.0);
});

it('says what to pack where no height suits all screws', function () {
    expect(fn () => (new LevelPlanner)->plan(jig(), CornerHeights::above(0.0, 0.0, 0.0, 80.0), ['rear-right' => 5.0, 'front-left' => 55.0]))
        ->toThrow(UnusableBench::class, 'rear right cannot come down far enough and front left cannot go up far enough, by 70.0 mm');
    expect(fn () => (new LevelPlanner)->plan(jig(), CornerHeights::above(0, 0, 0, 0), ['front-left' => 61.0]))->toThrow(UnusableBench::class, '0 to 60 mm');
});

it('is level within the tolerance, and not a hair beyond', function () {
    expect((new LevelPlanner)->plan(jig(['tolerance' => 0.5]), CornerHeights::above(0.0, 0.5, 0.2, 0.1))->level)->toBeTrue()
        ->and((new LevelPlanner)->plan(jig(['tolerance' => 0.5]), CornerHeights::above(0.0, 0.51, 0.2, 0.1))->level)->toBeFalse();
});

it('turns the other way where clockwise lowers', function () {
    expect((new LevelPlanner)->plan(jig(['clockwiseRaises' => false]), CornerHeights::above(0.0, 1.0, 1.0, 1.0))->turns[0]->clockwise)->toBeFalse();
});

it('refuses a bench without size', function (array $with) {
    expect(fn () => jig($with))->toThrow(UnusableBench::class, 'more than zero');
})->with([[['length' => 0.0]], [['width' => -1.0]], [['pitch' => 0.0]], [['travel' => NAN]], [['tolerance' => 0.0]]]);
