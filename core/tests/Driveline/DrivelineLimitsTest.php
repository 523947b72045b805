<?php

declare(strict_types=1);

use Geodex\Core\Driveline\DrivelineLimits;
use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Driveline\ShaftChecker;
use Geodex\Core\Driveline\ShaftCut;
use Geodex\Core\Driveline\ShaftEnd;
use Geodex\Core\Driveline\ShaftResult;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Tests\Support\ShaftExamples;
use Geodex\Core\Units\Angle;

/** The result of a shaft whose joints run at 5° and 3.5°, with some of its figures other than they are. */
function shaftResultWith(array $change = []): ShaftResult
{
    $shaft = ShaftExamples::bent(5.0, 3.5);

    return new ShaftResult(...[...get_object_vars((new ShaftCalculator)->calculate($shaft)), ...$change]);
}

/** What a figure that stands exactly on its limit says. */
function saidOnLimit(array $limits, array $change = []): string
{
    $generous = ['maxJointAngle' => 90.0, 'minJointAngle' => 0.0, 'maxDifference' => 90.0, 'maxResidual' => 90.0, 'maxSpeedShare' => 1.0];

    return Said::mm((new ShaftChecker(new DrivelineLimits(...[...$generous, ...$limits])))->warnings(shaftResultWith($change)));
}

describe('the limits', function () {
    it('are five, each with what it may be set to', function () {
        expect(array_map(fn (ShopDefault $one): array => [$one->group, $one->name(), $one->field->unit, $one->field->min, $one->field->max, $one->usual()], DrivelineLimits::shopDefaults()))->toBe([
            ['Driveline', 'maxJointAngle', '°', 0.0, 90.0, 7.0], ['Driveline', 'minJointAngle', '°', 0.0, 90.0, 0.5], ['Driveline', 'maxDifference', '°', 0.0, 90.0, 1.0],
            ['Driveline', 'maxResidual', '°', 0.0, 90.0, 3.0], ['Driveline', 'maxSpeedShare', '', 0.1, 1.0, 0.75],
        ])->and(DrivelineLimits::of(new Shop))->toEqual(new DrivelineLimits(7.0, 0.5, 1.0, 3.0, 0.75));
    });

    it('say whose each is, and know no other', function (string $name, float $set) {
        expect((new DrivelineLimits(...[$name => $set]))->whose($name))->not->toBe((new DrivelineLimits)->whose($name))
            ->and(fn () => (new DrivelineLimits)->whose('maxTorque'))->toThrow(LogicException::class, 'There is no driveline limit maxTorque.');
    })->with([['maxJointAngle', 6.0], ['minJointAngle', 1.0], ['maxDifference', 2.0], ['maxResidual', 2.0], ['maxSpeedShare', 0.8]]);

    it('are kept by a figure that stands on them', function () {
        $ride = shaftResultWith()->states[0]->angles;
        $critical = shaftResultWith()->criticalSpeed ?? 0.0;
        expect(saidOnLimit(['maxJointAngle' => max($ride->front->degrees(), $ride->rear->degrees())]))->toBe('')
            ->and(saidOnLimit(['minJointAngle' => min($ride->front->degrees(), $ride->rear->degrees())]))->toBe('')
            ->and(saidOnLimit(['maxDifference' => abs($ride->front->degrees() - $ride->rear->degrees())]))->toBe('')
            ->and(saidOnLimit(['maxResidual' => $ride->residual->degrees()]))->toBe('')
            ->and(saidOnLimit(['maxSpeedShare' => ShaftExamples::bent(5.0, 3.5)->speed / $critical]))->toBe('')
            ->and(saidOnLimit(['maxResidual' => $ride->residual->degrees() - 1e-9]))->toContain('uncancelled');
    });
});

describe('a slip joint', function () {
    it('has bottomed where nothing is left to slide, and not where a little is', function () {
        expect(saidOnLimit([], ['bottomingClearance' => 0.0]))->toContain('bottoms by 0.0 mm')
            ->and(saidOnLimit([], ['bottomingClearance' => 0.5]))->toBe('')
            ->and(saidOnLimit([], ['bottomingClearance' => -0.5]))->toContain('bottoms by 0.5 mm')
            ->and(saidOnLimit([], ['bottomingClearance' => null]))->toBe('');
    });

    it('holds by as much as is wanted of it', function () {
        $least = ShaftExamples::bent(5.0, 3.5)->slip->min;
        expect(saidOnLimit([], ['minEngagement' => $least]))->toBe('')
            ->and(saidOnLimit([], ['minEngagement' => $least - 0.1]))->toContain('stays engaged')
            ->and(saidOnLimit([], ['minEngagement' => null]))->toBe('');
    });
});

describe('what to saw', function () {
    it('is nothing for less than a twentieth of a millimetre either way', function (float $cut, string $begins) {
        expect(Said::mm((new ShaftCut($cut, 2.0, 1.0))->text()))->toStartWith($begins);
    })->with([
        [0.049, 'The tube keeps its length.'], [-0.049, 'The tube keeps its length.'],
        [0.05, 'A new tube is 0.1 mm shorter'], [-0.05, 'A new tube is 0.1 mm longer'],
    ]);

    it('is an insert or marks for less than a millimetre, too', function () {
        expect((new ShaftCut(-0.5, 2.0, 1.0))->insert)->toBe(0.5)->and((new ShaftCut(0.5, 2.0, 1.0))->marks)->toBe(1.5)
            ->and((new ShaftCut(0.0, 2.0, 1.0))->insert)->toBeNull()->and((new ShaftCut(0.0, 2.0, 1.0))->marks)->toBeNull();
    });
});

it('takes an axis whose yaw is not given as straight', function () {
    expect((new ShaftEnd(Vector3::of(0, 0, 0), Angle::ofDegrees(30), null))->axis()->toArray())->toEqualWithDelta([sqrt(3) / 2, 0.0, 0.5], 1e-12);
});
