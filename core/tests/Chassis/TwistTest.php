<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Plan\LoadBeside;
use Geodex\Core\Chassis\Loads\CannotLoad;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\FrameTwist;
use Geodex\Core\Chassis\Loads\LoadCase;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Side;
use Geodex\Core\Tests\Support\Trucks;

function twistOf(array $rails = [], array $axles = []): ?FrameTwist
{
    $document = Trucks::document();
    $truck = Trucks::truck(['axles' => $axles ?: array_map(fn (array $axle, int $track): array => [...$axle, 'track' => $track], $document['axles'], [1700, 1600]), ...($rails ? ['rails' => $rails] : [])]);

    return FrameTwist::of((new FrameLoads($truck))->fullest(), $truck, 2.5);
}

$rail = fn (string $id, float $from, float $to, array $more = []): array => ['id' => $id, 'from' => $from, 'to' => $to, 'section' => Trucks::CHANNEL, ...$more];

describe('one wheel lifted', function () use ($rail) {
    it('twists by the lesser of both axles, as one works it out by hand', function () {
        $twist = twistOf();
        // Laden: 1100 at 150, 2700 with its middle at 3100.
        $rear = (1100 * 150 + 2700 * 3100) / 3300;
        $torque = min((3800 - $rear) * 1700, $rear * 1600) / 4 * LoadCase::GRAVITY;
        // J of 200 × 70 × 6: 23 616 mm⁴ each.
        expect($twist->lifts)->toBe('front')->and($twist->torque)->toEqualWithDelta($torque / 1000, 1e-6)
            ->and($twist->degrees)->toEqualWithDelta(rad2deg($torque * 3300 / (210_000 / 2.6 * 2 * 23_616)), 1e-6)
            ->and($twist->stress)->toEqualWithDelta(2.5 * $torque / 2 * 6 / 23_616, 1e-6)->and($twist->isOpen)->toBeTrue();
    });

    it('twists less once half of it is boxed, and bears most where it is open still', function () use ($rail) {
        $twist = twistOf([$rail('A', -700, 1650), $rail('B', 1650, 5300, ['plate' => 6])]);
        expect($twist->degrees)->toEqualWithDelta(twistOf()->degrees * (0.5 + 0.5 * 23_616 / 8.3826e6), 0.01)
            ->and($twist->station)->toBeLessThan(1650.0)
            ->and($twist->isOpen)->toBeTrue();
    });

    it('bears most on the thinner of two sides', function () use ($rail) {
        $twist = twistOf([$rail('L', -700, 5300, ['side' => 'left']), $rail('R', -700, 5300, ['side' => 'right', 'section' => [...Trucks::CHANNEL, 'thickness' => 5]])]);
        expect($twist->side)->toBe(Side::Right);
    });

    it('is not told without tracks, or where the rails do not reach from axle to axle', function () use ($rail) {
        expect(twistOf(axles: Trucks::document()['axles']))->toBeNull()
            ->and(twistOf([$rail('A', -700, 1650)]))->toBeNull();
    });
});

describe('a load beside a rail', function () {
    $on = fn (array $given, array $change = []): array => LoadBeside::from((new FieldReader)->read(LoadBeside::fields(), ['mass' => 100, 'station' => 1320, ...$given]))->on(Trucks::truck($change), 2.0);

    it('is held by the crossmembers next to it, and told as open and as boxed', function () use ($on) {
        $told = $on(['outside' => -153]);
        expect([$told['from'], $told['to']])->toBe([1100.0, 1540.0])
            // 150 inside the web's mid-line: lever 172.6 open and 115 boxed (methods of the plan, section 4).
            ->and(abs($told['asIs']['lever']))->toEqualWithDelta(172.6, 0.05)->and(abs($told['boxed']['lever']))->toEqualWithDelta(115.0, 0.5)
            ->and($told['asIs']['torsion'])->toBe('open')->and($told['boxed']['torsion'])->toBe('closed');
    });

    it('outside the web at the shear centre twists nothing', function () use ($on) {
        expect($on(['outside' => 19.596])['asIs']['torque'])->toEqualWithDelta(0.0, 0.01);
    });

    it('twists a rail that opens left as its mirror', function () use ($on) {
        $mirrored = ['rails' => [['id' => 'R', 'from' => -700, 'to' => 5300, 'section' => [...Trucks::CHANNEL, 'opens' => 'left']]]];
        expect(abs($on(['outside' => 300], $mirrored)['asIs']['torque']))->toEqualWithDelta(abs($on(['outside' => 300])['asIs']['torque']), 1e-9);
    });

    it('is refused in words a person can act on', function (array $given, array $change, string $says) use ($on) {
        expect(fn () => $on($given, $change))->toThrow(CannotLoad::class, $says);
    })->with([
        'before the first crossmember' => [['station' => 900], [], 'one behind it'],
        'off the rails' => [['station' => 6000], [], 'No rail is entered there'],
        'a liner' => [[], ['rails' => [['id' => 'R', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL, 'liner' => 4]]], 'shear centre'],
    ]);

    it('on a box is compared with nothing', function () use ($on) {
        $box = ['rails' => [['id' => 'R', 'from' => -700, 'to' => 5300, 'section' => ['kind' => 'box', 'depth' => 200, 'width' => 80, 'thickness' => 5]]]];
        $told = $on(['outside' => 100], $box);
        expect($told['boxed'])->toBeNull()
            ->and(abs($told['asIs']['lever']))->toEqualWithDelta(140.0, 1e-9);
    });
});
