<?php

declare(strict_types=1);

use Geodex\Core\Driveline\CriticalSpeed;
use Geodex\Core\Driveline\DrivelineLimits;
use Geodex\Core\Driveline\ExistingShaft;
use Geodex\Core\Driveline\InvalidShaft;
use Geodex\Core\Driveline\JointAngles;
use Geodex\Core\Driveline\Shaft;
use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Driveline\ShaftEnd;
use Geodex\Core\Driveline\Slip;
use Geodex\Core\Driveline\Tube;
use Geodex\Core\Driveline\YokePhase;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Units\Angle;

function shaftEnd(float $x, float $y, float $z, float $pitch, float $yaw = 0.0): ShaftEnd
{
    return new ShaftEnd(Vector3::of($x, $y, $z), Angle::ofDegrees($pitch), Angle::ofDegrees($yaw));
}

/** Both axes level, the rear joint 1500 behind and 100 below: equal angles of atan(1/15) = 3.814°. */
function shaft(array $change = []): Shaft
{
    return new Shaft(...[
        'id' => 'rear', 'front' => shaftEnd(600, 0, 500, 0), 'rear' => shaftEnd(2100, 0, 400, 0),
        'existing' => new ExistingShaft(1503.3, 70), 'slip' => new Slip(120, 70, 40), 'tube' => new Tube(76.2, 2.1, 3), 'phase' => YokePhase::InPhase,
        'bump' => Vector3::of(0, 0, 80), 'droop' => Vector3::of(0, 0, -100), 'speed' => 3000.0, ...$change,
    ]);
}

describe('joint angles', function () {
    it('are equal and cancel between parallel axes', function () {
        $angles = new JointAngles(shaftEnd(0, 0, 0, 0), shaftEnd(1500, 0, -100, 0), YokePhase::InPhase);
        expect($angles->front->degrees())->toEqualWithDelta(3.8141, 1e-4)->and($angles->rear->degrees())->toEqualWithDelta(3.8141, 1e-4)
            ->and($angles->residual->degrees())->toEqualWithDelta(0.0, 1e-5);
    });

    it('add up when the yokes are a quarter turn out of phase: √2 of one', function () {
        $angles = new JointAngles(shaftEnd(0, 0, 0, 0), shaftEnd(1500, 0, -100, 0), YokePhase::QuarterTurn);
        expect($angles->residual->degrees())->toEqualWithDelta(sqrt(2) * 3.8141, 1e-3);
    });

    it('leave √(β₁² − β₂²) when unequal in one plane: 5° and 3° leave 4°', function () {
        $angles = new JointAngles(shaftEnd(0, 0, 0, 5), shaftEnd(1000, 0, 0, 3), YokePhase::InPhase);
        expect($angles->residual->degrees())->toEqualWithDelta(4.0, 1e-9);
    });

    it('are taken in space: 3° down and 4° aside make about 5°', function () {
        $angles = new JointAngles(shaftEnd(0, 0, 0, 3, 4), shaftEnd(1000, 0, 0, 0), YokePhase::InPhase);
        expect($angles->front->degrees())->toEqualWithDelta(rad2deg(acos(cos(deg2rad(3)) * cos(deg2rad(4)))), 1e-9)->toEqualWithDelta(5.0, 0.01);
    });

    it('do not cancel when the joint planes stand at right angles', function () {
        $angles = new JointAngles(shaftEnd(0, 0, 0, 3), shaftEnd(1000, 0, 0, 0, 3), YokePhase::InPhase);
        expect($angles->residual->degrees())->toEqualWithDelta(sqrt(2) * 3, 1e-6);
    });

    it('keep small angles that a cosine would lose', function () {
        $angles = new JointAngles(shaftEnd(0, 0, 0, 1e-6), shaftEnd(1000, 0, 0, 0), YokePhase::InPhase);
        expect($angles->front->degrees())->toEqualWithDelta(1e-6, 1e-12);
    });
});

describe('a shaft after a stretch', function () {
    it('wants as much tube as its joints moved apart', function () {
        $frame = Readings::ladder(5);
        $before = (new ShaftCalculator)->calculate(shaft());
        $after = (new ShaftCalculator)->calculate(shaft(), (new FramePlanner)->plan($frame, [new Stretch('op1', 1200, 300)]));
        expect($before->tubeToCut)->toEqualWithDelta(1503.3 - hypot(1500, 100), 1e-9)
            ->and($after->tubeToCut)->toEqualWithDelta(1503.3 - hypot(1800, 100 + 0.0), 1.0)
            ->and($after->tubeToCut)->toBeLessThan(-295.0);
    });

    it('has its length, engagement and bottoming at every height', function () {
        $result = (new ShaftCalculator)->calculate(shaft());
        [$ride, $bump, $droop] = $result->states;
        expect($ride->engagement)->toEqualWithDelta(70.0, 1e-9)
            ->and($bump->length)->toEqualWithDelta(hypot(1500, 20), 1e-9)
            ->and($droop->engagement)->toEqualWithDelta(70 + hypot(1500, 100) - hypot(1500, 200), 1e-9)
            ->and($result->bottomingClearance)->toEqualWithDelta(120 - $bump->engagement, 1e-9)
            ->and($result->minEngagement)->toEqualWithDelta($droop->engagement, 1e-9);
    });

    it('cannot keep a joint that the plan cuts out', function () {
        $plan = (new FramePlanner)->plan(Readings::ladder(5), [new Shorten('op1', 1900, 400)]);
        expect(fn () => (new ShaftCalculator)->calculate(shaft(), $plan))->toThrow(InvalidShaft::class, 'cuts out the place of a joint');
    });
});

describe('speed', function () {
    it('is critical where a beam on two supports resonates', function () {
        // Independent: f = (π/2) √(E I / (ρ A)) / L² of a simply supported tube 76.2 x 2.1, 1.5 m.
        [$d, $i] = [0.0762, 0.0720];
        $inertia = M_PI / 64 * ($d ** 4 - $i ** 4);
        $area = M_PI / 4 * ($d ** 2 - $i ** 2);
        $hertz = M_PI / 2 * sqrt(205e9 * $inertia / (7850 * $area)) / 1.5 ** 2;
        expect(CriticalSpeed::of(1500, 76.2, 2.1))->toEqualWithDelta(60 * $hertz, 1e-6)->toEqualWithDelta(5609.6, 1.0);
    });

    it('falls with the square of the length', function () {
        expect(CriticalSpeed::of(2000, 89, 3) * 4)->toEqualWithDelta(CriticalSpeed::of(1000, 89, 3), 1e-6);
    });

    it('varies at a joint by (sec β − cos β)/2', function () {
        $result = (new ShaftCalculator)->calculate(shaft());
        $beta = atan(1 / 15);
        expect($result->speedVariation)->toEqualWithDelta((1 / cos($beta) - cos($beta)) / 2, 1e-12);
    });
});

describe('warnings', function () {
    it('say what is wrong in one sentence', function (array $change, string $sentence) {
        expect(Said::mm((new ShaftCalculator)->calculate(shaft($change))->warnings, "\n"))->toContain($sentence);
    })->with([
        'bottoms' => [['slip' => new Slip(71, 70, 40)], 'bottoms by'],
        'pulls out' => [['slip' => new Slip(120, 42, 40)], 'stays engaged'],
        'steep' => [['front' => shaftEnd(600, 0, 800, 0)], 'the guideline is at most 7.0°'],
        'straight' => [['rear' => shaftEnd(2100, 0, 499, 0)], 'nearly straight'],
        'unequal' => [['rear' => shaftEnd(2100, 0, 400, -3)], 'differ by'],
        'out of phase' => [['phase' => YokePhase::QuarterTurn], 'yoke phase'],
        'too fast' => [['speed' => 5000.0], 'of its critical speed'],
        'wall unknown' => [['tube' => new Tube(76.2, null)], 'wall of the tube is not known'],
    ]);

    it('are silent for a good shaft', function () {
        expect((new ShaftCalculator)->calculate(shaft())->warnings)->toBe([]);
    });

    it('follow limits that a shop sets, each with a source', function () {
        $strict = new ShaftCalculator(new DrivelineLimits(maxJointAngle: 2.0));
        expect($strict->calculate(shaft())->warnings)->not->toBe([])
            ->and(array_map(fn ($default): string => $default->name(), DrivelineLimits::shopDefaults()))->toBe(array_keys(get_object_vars(new DrivelineLimits)))
            ->and(DrivelineLimits::of(new Shop(['maxResidual' => 2.0])))->toEqual(new DrivelineLimits(maxResidual: 2.0))
            ->and(Said::mm($strict->calculate(shaft())->warnings))->toContain("at most 2.0° (this shop's own, usually 7 °)");
    });
});

it('refuses figures that no shaft has', function (callable $make, string $why) {
    expect($make)->toThrow(InvalidShaft::class, $why);
})->with([
    'joints together' => [fn () => shaft(['rear' => shaftEnd(610, 0, 500, 0)]), 'less than 50 mm apart'],
    'standing still' => [fn () => shaft(['speed' => 0.0]), 'more than zero'],
    'wall thicker than the tube' => [fn () => new Tube(60, 30), 'does not fit'],
    'no tube' => [fn () => new Tube(0, null), 'more than zero'],
    'kerf' => [fn () => new Tube(60, 2, 40), 'kerf'],
    'engaged beyond its depth' => [fn () => new Slip(60, 70, 10), 'more than is possible'],
    'negative engagement' => [fn () => new Slip(-1, 0, 0), '0 mm or more'],
    'no length' => [fn () => new ExistingShaft(0, 10), 'between joint centres'],
]);
