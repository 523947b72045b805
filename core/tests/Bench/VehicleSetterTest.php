<?php

declare(strict_types=1);

use Geodex\Core\Bench\EndPair;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Bench\VehicleSetter;
use Geodex\Core\Tests\Support\Said;

it('nudges each end by what it is off when the supports stand under the pairs', function () {
    // Front 3 mm to the right, rear 2 mm to the left.
    $plan = (new VehicleSetter)->plan(new EndPair(500, 397, 403, 200, 200, 500), new EndPair(3500, 402, 398, 200, 200, 3500), 1.0);
    expect($plan->frontOff)->toBe(3.0)->and($plan->rearOff)->toBe(-2.0)
        ->and($plan->moves[0]->right)->toBe(-3.0)->and($plan->moves[0]->other)->toEqualWithDelta(0.0, 1e-12)
        ->and($plan->moves[1]->right)->toBe(2.0)->and($plan->readyToTack)->toBeFalse()
        ->and(array_map(Said::mm(...), $plan->left))->toBe(['the front stands 3.0 mm to the right', 'the rear stands 2.0 mm to the left']);
});

it('knows that moving one end moves the other, and both pairs end on the centreline', function (float $frontSupport, float $rearSupport) {
    [$front, $rear] = [new EndPair(500, 396, 404, 205, 199, $frontSupport), new EndPair(3500, 401, 399, 210, 214, $rearSupport)];
    $plan = (new VehicleSetter)->plan($front, $rear, 1.0, 202.0, 212.0);
    [$a, $b] = $plan->moves;
    // The front push at its own pair, and what the rear push does there, cancel what the front is off.
    $own = fn (float $x, float $here, float $there): float => ($x - $there) / ($here - $there);
    expect($front->offCentre() + $a->right * $own(500, $frontSupport, $rearSupport) + $b->other)->toEqualWithDelta(0.0, 1e-9)
        ->and($rear->offCentre() + $b->right * $own(3500, $rearSupport, $frontSupport) + $a->other)->toEqualWithDelta(0.0, 1e-9);
    // And the lifts bring the left points to the wanted heights.
    $lifted = fn (float $x): float => $a->liftLeft * $own($x, $frontSupport, $rearSupport) + $b->liftLeft * $own($x, $rearSupport, $frontSupport);
    expect(205 + $lifted(500))->toEqualWithDelta(202.0, 1e-9)
        ->and(210 + $lifted(3500))->toEqualWithDelta(212.0, 1e-9);
})->with([[500.0, 3500.0], [800.0, 3000.0], [200.0, 4200.0]]);

it('is ready to tack once everything is within tolerance', function () {
    $plan = (new VehicleSetter)->plan(new EndPair(500, 400, 401, 200.2, 199.9, 600), new EndPair(3500, 400.5, 400, 200, 200.3, 3300), 1.0);
    expect($plan->readyToTack)->toBeTrue()
        ->and($plan->left)->toBe([])
        ->and($plan->worst)->toBeLessThan(1.0);
});

it('tells a rolled vehicle from a wound one', function () {
    $rolled = (new VehicleSetter)->plan(new EndPair(500, 400, 400, 198, 202, 500), new EndPair(3500, 400, 400, 198, 202, 3500), 1.0);
    expect($rolled->roll)->toBe(4.0)
        ->and($rolled->twist)->toBe(0.0)
        ->and(array_map(Said::mm(...), $rolled->left))->toBe(['the right side is 4.0 mm higher than the left']);
    $twist = (new VehicleSetter)->plan(new EndPair(500, 400, 400, 201, 199, 500), new EndPair(3500, 400, 400, 199, 201, 3500), 1.0);
    expect($twist->roll)->toBe(0.0)->and($twist->twist)->toBe(4.0);
});

it('says which end is high', function () {
    $plan = (new VehicleSetter)->plan(new EndPair(500, 400, 400, 205, 205, 500), new EndPair(3500, 400, 400, 198, 198, 3500), 1.0, 200.0, 200.0);
    expect(array_map(Said::mm(...), $plan->left))->toBe(['the front pair stands 5.0 mm high', 'the rear pair stands 2.0 mm low'])
        ->and($plan->moves[0]->liftLeft)->toBe(-5.0)->and($plan->moves[1]->liftRight)->toBe(2.0);
});

it('refuses pairs or supports at one station, and points on the wrong side', function () {
    $pair = fn (float $station, float $support): EndPair => new EndPair($station, 400, 400, 200, 200, $support);
    expect(fn () => (new VehicleSetter)->plan($pair(500, 500), $pair(520, 3500), 1.0))->toThrow(UnusableBench::class, 'The two pairs')
        ->and(fn () => (new VehicleSetter)->plan($pair(500, 500), $pair(3500, 510), 1.0))->toThrow(UnusableBench::class, 'The two supports')
        ->and(fn () => new EndPair(0, -400, 400, 0, 0, 0))->toThrow(UnusableBench::class, 'left and a right');
});
