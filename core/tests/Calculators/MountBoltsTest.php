<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Mounts\BodyCut;
use Geodex\Core\Calculators\Mounts\MountBolts;
use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Trucks;

function boltedTruck(): Chassis
{
    return Trucks::truck(['features' => array_map(fn (int $i): array => ['id' => "B$i", 'kind' => 'body-mount', 'name' => "mount $i", 'station' => 1000 + 1000 * $i], range(0, 4))]);
}

describe('the bolts of a mount', function () {
    $bolts = fn (array $given): MountBolts => MountBolts::of(boltedTruck(), (new FieldReader)->read(MountBolts::fields(), ['mass' => 500, 'factor' => 2, ...$given]));

    it('share a load through their middle, and pull where it stands off, as one works it out by hand', function () use ($bolts) {
        $told = $bolts(['columns' => 2, 'rows' => 2, 'up' => 60, 'diameter' => 12, 'outside' => 100]);
        $force = 500 * 9.80665 * 2;
        // Arms over the lower edge, 1.5 d under the lower row: 18 and 78, two bolts each.
        expect($told->worstShear)->toEqualWithDelta($force / 4, 1e-6)->and($told->worstPull)->toEqualWithDelta($force * 100 * 78 / (2 * (18 ** 2 + 78 ** 2)), 1e-6)
            ->and($told->allowedShear)->toEqualWithDelta(0.6 * 800 * M_PI * 36 * 0.78 / 1.25, 1e-6)->and($told->used)->toEqualWithDelta($told->worstShear / $told->allowedShear + $told->worstPull / (1.4 * $told->allowedPull), 1e-9);
    });

    it('turn under a load behind their middle', function () use ($bolts) {
        $told = $bolts(['columns' => 2, 'rows' => 1, 'along' => 100, 'behind' => 150, 'outside' => 0]);
        $force = 500 * 9.80665 * 2;
        expect($told->worstShear)->toEqualWithDelta($force / 2 + $force * 150 / 100, 1e-6)
            ->and($told->worstPull)->toBe(0.0);
    });

    it('of a better grade are used less', function () use ($bolts) {
        expect($bolts(['grade' => '10.9'])->used)->toBeLessThan($bolts(['grade' => '8.8'])->used)
            ->and($bolts(['grade' => '8.8'])->used)->toBeLessThan($bolts(['grade' => '4.6'])->used);
    });

    it('carry their share of what is spread along, half on each side, where no mass is given', function (string $name, float $kg) {
        $told = MountBolts::of(boltedTruck(), (new FieldReader)->read(MountBolts::fields(), ['mount' => $name]));
        expect($told->mass)->toEqualWithDelta($kg, 1e-9);
    })->with([
        // 900 over 900–5300 and 1800 over 1200–5000.
        'in the middle, by its number' => ['b2', (900 * 1000 / 4400 + 1800 * 1000 / 3800) / 2],
        'the first, from the front on' => ['Mount 0', (900 * 600 / 4400 + 1800 * 300 / 3800) / 2],
        'the last, to the end' => ['mount 4', (900 * 800 / 4400 + 1800 * 500 / 3800) / 2],
    ]);

    it('are refused in words', function (array $given, string $says) use ($bolts) {
        expect(fn () => $bolts($given))->toThrow(InvalidFields::class, $says);
    })->with([
        'one bolt, load beside it' => [['columns' => 1, 'rows' => 1, 'behind' => 50], 'one bolt does not hold'],
        'no mass and no mount' => [['mass' => null], 'or the name of a body mount'],
        'a mount nobody knows' => [['mass' => null, 'mount' => 'mast'], 'is not the name of a body mount'],
    ]);
});

describe('a body that is cut with its frame', function () {
    $cut = function (array $given, array $operations): BodyCut {
        $plan = (new FramePlanner)->plan(new Frame([], [new Axle('front', 0), new Axle('rear', 3300)]), $operations, boltedTruck());

        return BodyCut::of($plan, (new FieldReader)->read(BodyCut::fields(), $given));
    };

    it('meets its frame again where it is cut between the same mounts', function () use ($cut) {
        $told = $cut(['at' => 2500], [new Stretch('op1', 2200, 640)]);
        expect(array_column($told->mounts, 'meets'))->toBe([true, true, true, true, true])
            ->and($told->between)->toBe([2000.0, 3000.0])
            ->and($told->by)->toBe(640.0);
    });

    it('cut elsewhere leaves the mounts between both cuts standing off', function (float $at, array $off) use ($cut) {
        expect(array_column($cut(['at' => $at], [new Stretch('op1', 2200, 640)])->mounts, 'off'))->toEqual($off);
    })->with(['further back' => [4500.0, [0, 0, -640, -640, 0]], 'further forward' => [1500.0, [0, 640, 0, 0, 0]]]);

    it('meets nowhere by another length than the frame', function () use ($cut) {
        expect($cut(['at' => 2500, 'by' => 600], [new Stretch('op1', 2200, 640)])->between)->toBeNull();
    });

    it('asks by how much where the plan changes no length', function () use ($cut) {
        expect(fn () => $cut(['at' => 2500], []))->toThrow(InvalidFields::class, 'by how much the body does');
    });
});
