<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\Mounts\MountFields;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Kick;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Plan\Replace;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Trucks;

/** @param  list<Operation>  $operations */
function mountedTruck(array $operations, bool $isLevel = false): PlannedFrame
{
    return (new FramePlanner)->plan($isLevel ? new Frame([]) : Readings::ladder(5), $operations, Trucks::truck());
}

/** @param  array<string, mixed>  $given */
function mountsOn(PlannedFrame $plan, array $given): ?array
{
    $document = MountFields::forMounts($plan->frame, $plan->chassis, $plan->shifts->joints(), (new FieldReader)->read(MountFields::along(), $given));

    return $document === null ? null : Calculators::run('body-mounts', $document);
}

it('spaces mounts on the frame as it will be, clear of what stands there and of the joints', function () {
    $plan = mountedTruck([new Stretch('op1', 1800, 640)]);
    $mounts = mountsOn($plan, ['from' => 900, 'to' => 5600, 'maxPitch' => 950]);
    $joints = $plan->shifts->joints();
    expect($joints)->toHaveCount(2)
        ->and($mounts['added'])->toBeGreaterThanOrEqual(4)
        ->and(array_sum(array_column($mounts['mounts'], 'share')))->toEqualWithDelta(1.0, 1e-9);
    foreach ($mounts['mounts'] as $i => $mount) {
        if ($i > 0) {
            expect($mount['station'] - $mounts['mounts'][$i - 1]['station'])->toBeLessThanOrEqual(950.0 + 1e-9);
        }
        foreach ($mount['fixed'] ? [] : $joints as $joint) {
            expect(abs($mount['station'] - $joint))->toBeGreaterThanOrEqual(45 + 15 + 15 - 1e-9);
        }
        foreach ($mount['fixed'] ? [] : $plan->chassis->fixtures as $fixture) {
            expect($fixture->front() + 1e-9 >= $mount['station'] + 60 || $fixture->rear() - 1e-9 <= $mount['station'] - 60)->toBeTrue("{$fixture->called()} at {$mount['station']}");
        }
    }
});

it('begins and ends at the mounts that are entered, and has no answer without two', function () {
    $plan = mountedTruck([]);
    expect(mountsOn($plan, []))->toBeNull()
        ->and(mountsOn($plan, ['from' => 2000, 'to' => 1000]))->toBeNull()
        ->and(mountsOn($plan, ['from' => 900, 'to' => 1900])['mounts'][0]['station'])->toBe(900.0);
});

it('shims each mount to the line of the outer ones over the charted rail', function () {
    $mounts = mountsOn(mountedTruck([]), ['from' => 800, 'to' => 2900, 'maxPitch' => 5000, 'minimumShim' => 3]);
    expect(min(array_column($mounts['mounts'], 'shim')))->toEqualWithDelta(3.0, 1e-9);
});

it('fits brackets between what stands on the frame as it will be', function () {
    $plan = mountedTruck([new Stretch('op1', 1800, 640)]);
    $given = (new FieldReader)->read(MountFields::brackets(), ['brackets' => [['id' => 'A', 'station' => 1100, 'foot' => 80], ['id' => 'B', 'station' => 2000, 'foot' => 80]], 'maxShift' => 0]);
    $result = Calculators::run('bracket-fit', MountFields::forBrackets($plan->chassis, $plan->shifts->joints(), $given));
    // A stands on the gearbox crossmember, 1060 to 1140: with 10 clear and half a foot it has to go 90 away, and may go 60.
    expect($result['brackets'][0]['placed'])->toBeFalse()
        ->and($result['brackets'][1])->toMatchArray(['placed' => true, 'move' => 0.0]);
});

it('knows the joints of every kind of cut', function (Operation $operation, array $joints) {
    expect(array_map(fn (float $x): float => round($x, 3), mountedTruck([$operation], isLevel: true)->shifts->joints()))->toBe($joints);
})->with([
    'a stretch has two' => [new Stretch('op1', 1800, 640), [1800.0, 2440.0]],
    'a shorten one' => [new Shorten('op1', 1800, 100), [1800.0]],
    'a section two' => [new Replace('op1', 1800, 100, 300), [1800.0, 2100.0]],
    'a kick two, as far apart as its leg runs' => [new Kick('op1', 1800, 90, 20), [1800.0, 2047.273]],
]);
