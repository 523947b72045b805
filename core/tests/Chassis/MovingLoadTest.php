<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\MovingLoad;
use Geodex\Core\Chassis\Loads\MovingWorst;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Tests\Support\Trucks;

function movedOver(float $mass, float $from, float $to, array $change = []): MovingWorst
{
    $feather = ['masses' => [['id' => 'M', 'name' => 'a feather', 'mass' => 1e-6, 'station' => 0]], 'features' => []];

    return MovingLoad::from(new Values(['mass' => $mass, 'from' => $from, 'to' => $to]))->over(new FrameLoads(Trucks::truck([...$feather, ...$change])));
}

it('does most in the middle of a simple beam, W L / 4, when it stands there', function () {
    $worst = movedOver(1000.0, 0.0, 3300.0);
    expect($worst->moment['moment'])->toEqualWithDelta(1000 * 9.80665 * 3.3 / 4, 0.01)->and($worst->moment['station'])->toBe(1650.0)->and($worst->moment['position'])->toEqualWithDelta(1650.0, 1e-6)
        ->and($worst->stress->station)->toEqualWithDelta(1650.0, 50.0);
});

it('lets each axle carry all of it in turn, and lifts the front one from behind the rear', function () {
    $between = movedOver(1000.0, 0.0, 3300.0);
    expect($between->axles[0]['greatest'])->toEqualWithDelta(1000.0, 1e-3)
        ->and($between->axles[0]['least'])->toEqualWithDelta(0.0, 1e-3)
        ->and($between->axles[1]['greatest'])->toEqualWithDelta(1000.0, 1e-3);
    $behind = movedOver(1000.0, 3300.0, 5280.0);
    // At 5280 it stands 1980 behind the rear axle: 0.6 of the wheelbase.
    expect($behind->axles[0]['least'])->toEqualWithDelta(-600.0, 1e-3)->and($behind->axles[1]['greatest'])->toEqualWithDelta(1600.0, 1e-3)
        ->and($behind->moment['moment'])->toEqualWithDelta(-1000 * 9.80665 * 1.98, 0.01)->and($behind->moment['station'])->toBe(3300.0)->and($behind->moment['position'])->toEqualWithDelta(5280.0, 1e-6);
});

it('moving the other way along a mirrored frame does the same', function () {
    $one = movedOver(700.0, 500.0, 2900.0);
    $other = movedOver(700.0, 400.0, 2800.0);
    expect($one->moment['moment'])->toEqualWithDelta($other->moment['moment'], 1e-6)
        ->and($one->axles[0]['greatest'])->toEqualWithDelta($other->axles[1]['greatest'], 1e-3);
});

it('comes on top of the frame without its load', function () {
    $loads = new FrameLoads(Trucks::truck());
    $worst = MovingLoad::from(new Values(['mass' => 500.0, 'from' => 1000.0, 'to' => 1001.0]))->over($loads);
    expect($worst->over->value)->toBe('empty')
        ->and($worst->axles[0]['greatest'] + $worst->axles[1]['least'])->toEqualWithDelta(2500.0, 1e-6);
});

it('has no stress where no rail is entered', function () {
    expect(movedOver(1000.0, 0.0, 3300.0, ['rails' => []])->stress)->toBeNull();
});

it('refuses to move nowhere', function (float $to) {
    expect(fn () => movedOver(1000.0, 2000.0, $to))->toThrow(InvalidFields::class, 'behind the station that it comes from');
})->with([2000.0, 1000.0]);
