<?php

declare(strict_types=1);

use Geodex\Core\Driveline\DrivelineLimits;
use Geodex\Core\Driveline\Shaft;
use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Tests\Support\ShaftExamples;

/** @return list<Geodex\Core\Words\Sentence> */
function warningsOf(Shaft $shaft, DrivelineLimits $limits = new DrivelineLimits): array
{
    return (new ShaftCalculator($limits))->calculate($shaft)->warnings;
}

describe('each limit', function () {
    it('is silent up to it and speaks beyond it', function (Shaft $good, Shaft $bad, string $says) {
        expect(Said::mm(warningsOf($good)))->not->toContain($says)
            ->and(Said::mm(warningsOf($bad)))->toContain($says);
    })->with([
        'joint angle' => [ShaftExamples::bent(6.9, 6.9), ShaftExamples::bent(7.1, 7.1), 'the guideline is at most 7.0°'],
        'straight joint' => [ShaftExamples::bent(0.6, 0.6), ShaftExamples::bent(0.4, 0.4), 'nearly straight'],
        'difference' => [ShaftExamples::bent(3.0, 3.9), ShaftExamples::bent(3.0, 4.1), 'The joint angles differ by'],
        'uncancelled' => [ShaftExamples::bent(5.0, 4.2), ShaftExamples::bent(5.0, 3.8), 'uncancelled'],
        'critical speed' => [ShaftExamples::bent(2, 2, 5500.0), ShaftExamples::bent(2, 2, 5700.0), 'of its critical speed'],
        'wall' => [ShaftExamples::bent(2, 2), ShaftExamples::bent(2, 2, wall: null), 'Measure the wall'],
    ]);

    it('can be set by the shop', function (DrivelineLimits $limits, Shaft $shaft, string $says) {
        expect(Said::mm(warningsOf($shaft)))->not->toContain($says)
            ->and(Said::mm(warningsOf($shaft, $limits)))->toContain($says);
    })->with([
        'joint angle' => [new DrivelineLimits(maxJointAngle: 3.0), ShaftExamples::bent(4, 4), 'the guideline is at most 3.0°'],
        'straight joint' => [new DrivelineLimits(minJointAngle: 2.0), ShaftExamples::bent(1, 1), 'nearly straight'],
        'difference' => [new DrivelineLimits(maxDifference: 0.2), ShaftExamples::bent(3.0, 3.5), 'differ by'],
        'uncancelled' => [new DrivelineLimits(maxResidual: 0.5), ShaftExamples::bent(3.0, 3.5), 'uncancelled'],
        'critical speed' => [new DrivelineLimits(maxSpeedShare: 0.2), ShaftExamples::bent(2, 2), 'stay below 20 %'],
    ]);
});

describe('the slip joint', function () {
    it('is judged over the whole travel', function (array $bump, array $droop, string $says) {
        $shaft = ShaftExamples::bent(2, 2);
        $moving = new Shaft(
            $shaft->id, $shaft->front, $shaft->rear, $shaft->existing, $shaft->slip, $shaft->tube, $shaft->phase,
            Vector3::of(...$bump), Vector3::of(...$droop), $shaft->speed,
        );
        expect(Said::mm(warningsOf($moving)))->toContain($says);
    })->with([
        'pushed in' => [[-70, 0, 60], [0, 0, 0], 'bottoms by'],
        'pulled out' => [[0, 0, 0], [30, 0, -60], 'stays engaged'],
    ]);

    it('moves by as much as the joints do', function () {
        $result = (new ShaftCalculator)->calculate(ShaftExamples::bent(2, 2));
        expect($result->tubeToCut)->toEqualWithDelta(0.0, 1e-9)
            ->and($result->bottomingClearance)->toEqualWithDelta(60.0, 1e-9)
            ->and($result->minEngagement)->toEqualWithDelta(60.0, 1e-9);
    });
});

describe('figures', function () {
    it('of uneven turning follow the residual', function (float $front, float $rear, float $speed) {
        $result = (new ShaftCalculator)->calculate(ShaftExamples::bent($front, $rear, $speed));
        $omega = $speed * 2 * M_PI / 60;
        $residual = sqrt(abs(deg2rad($front) ** 2 - deg2rad($rear) ** 2));
        expect($result->angularAcceleration)->toEqualWithDelta($omega ** 2 * $residual ** 2, 1e-6);
    })->with([
        [5.0, 3.0, 3000.0],
        [3.0, 3.0, 3000.0],
        [2.0, 6.0, 1000.0],
    ]);

    it('name the largest angle of the travel', function () {
        $shaft = ShaftExamples::bent(2, 2);
        $moving = new Shaft(
            $shaft->id, $shaft->front, $shaft->rear, $shaft->existing, $shaft->slip, $shaft->tube, $shaft->phase,
            Vector3::of(0, 0, 100), Vector3::of(0, 0, -200), $shaft->speed,
        );
        $result = (new ShaftCalculator)->calculate($moving);
        expect($result->worstAngle?->degrees())->toEqualWithDelta(2 + rad2deg(atan(200 / 1400)), 1e-9);
    });
});
