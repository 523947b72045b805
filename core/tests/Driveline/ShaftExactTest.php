<?php

declare(strict_types=1);

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
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Units\Angle;

/** An axis that is pitched and yawed, or whose yaw is not given. */
function axisAt(float $x, float $y, float $z, float $pitch, ?float $yaw = 0.0): ShaftEnd
{
    return new ShaftEnd(Vector3::of($x, $y, $z), Angle::ofDegrees($pitch), $yaw === null ? null : Angle::ofDegrees($yaw));
}

/** Front axis 5° down, rear axis level, shaft level: 5° in front, none behind. */
function unequalShaft(array $change = []): Shaft
{
    return new Shaft(...[
        'id' => 'rear', 'front' => axisAt(0, 0, 500, -5), 'rear' => axisAt(1500, 0, 500, 0),
        'existing' => new ExistingShaft(1450, 60), 'slip' => new Slip(120, 70, 40), 'tube' => new Tube(76.2, 2.1, 3, 2), 'phase' => YokePhase::InPhase,
        'bump' => Vector3::of(10, 0, 90), 'droop' => Vector3::of(-20, 0, -110), 'speed' => 3000.0, ...$change,
    ]);
}

describe('a shaft, in numbers worked by hand', function () {
    it('has lengths and engagements at ride height, bump and droop', function () {
        $states = (new ShaftCalculator)->calculate(unequalShaft())->states;
        expect(array_map(fn ($s): string => $s->name, $states))->toBe(['ride', 'bump', 'droop'])
            ->and($states[0]->length)->toBe(1500.0)->and($states[0]->engagement)->toBe(70.0)
            ->and($states[1]->length)->toEqualWithDelta(hypot(1510, 90), 1e-9)->and($states[1]->engagement)->toEqualWithDelta(1570 - hypot(1510, 90), 1e-9)
            ->and($states[2]->length)->toEqualWithDelta(hypot(1480, 110), 1e-9)->and($states[2]->engagement)->toEqualWithDelta(1570 - hypot(1480, 110), 1e-9);
    });

    it('bottoms by the greatest engagement, and holds by the least', function () {
        $result = (new ShaftCalculator)->calculate(unequalShaft());
        expect($result->bottomingClearance)->toEqualWithDelta(120 - (1570 - hypot(1480, 110)), 1e-9)
            ->and($result->minEngagement)->toEqualWithDelta(1570 - hypot(1510, 90), 1e-9)
            ->and($result->tubeToCut)->toEqualWithDelta(1510 - 1570, 1e-9);
    });

    it('is held against its critical speed where it is longest, and its speed varies by the steeper joint', function () {
        $result = (new ShaftCalculator)->calculate(unequalShaft());
        $beta = deg2rad(5);
        $longest = hypot(1510, 90);
        expect($result->criticalSpeed)->toEqualWithDelta(60 * M_PI / 8 * sqrt(205e9 / 7850) * hypot(0.0762, 0.072) / ($longest / 1000) ** 2, 0.5)
            ->and($result->speedVariation)->toEqualWithDelta((1 / cos($beta) - cos($beta)) / 2, 1e-12)
            ->and($result->states[0]->angles->residual->degrees())->toEqualWithDelta(5.0, 1e-9)
            ->and($result->angularAcceleration)->toEqualWithDelta((3000 * 2 * M_PI / 60) ** 2 * $beta ** 2, 1e-6)
            ->and($result->worstAngle->degrees())->toEqualWithDelta(5 + rad2deg(atan2(90, 1510)), 1e-9);
    });

    it('says all that is not given, and nothing else', function (array $change, array $says) {
        expect(Said::each((new ShaftCalculator)->calculate(unequalShaft($change))->assumed))->toBe($says);
    })->with([
        'all given' => [[], []],
        'no bump' => [['bump' => null], ['Full bump is not given: bottoming of the slip is not checked.']],
        'no droop' => [['droop' => null], ['Full droop is not given: the engagement that is left there is not checked.']],
        'front yaw' => [['front' => axisAt(0, 0, 500, -5, null)], ['In plan the axis of the front joint is taken to run straight: its angle is not given.']],
        'rear yaw' => [['rear' => axisAt(1500, 0, 500, 0, null)], ['In plan the axis of the rear joint is taken to run straight: its angle is not given.']],
        'both' => [['front' => axisAt(0, 0, 500, -5, null), 'rear' => axisAt(1500, 0, 500, 0, null)], ['In plan the axis of the front joint and the rear joint is taken to run straight: its angle is not given.']],
        'engagement' => [['slip' => new Slip(120, 70, 38, false)], ['At least 38 mm of engagement is taken, the diameter of a usual spline: none is given.']],
        'nothing but the joints' => [['bump' => null, 'droop' => null], ['Full bump is not given: bottoming of the slip is not checked.', 'Full droop is not given: the engagement that is left there is not checked.']],
    ]);

    it('checks neither bottoming nor engagement without the travel', function () {
        $result = (new ShaftCalculator)->calculate(unequalShaft(['bump' => null, 'droop' => null]));
        expect($result->bottomingClearance)->toBeNull()
            ->and($result->minEngagement)->toBeNull()
            ->and(count($result->states))->toBe(1);
    });
});

describe('what a shaft is warned of', function () {
    it('names the joint, front or rear, and the figures of both', function () {
        $front = Said::each((new ShaftCalculator)->calculate(unequalShaft(['front' => axisAt(0, 0, 500, -9), 'rear' => axisAt(1500, 0, 500, -8)]))->warnings);
        expect($front)->toContain('The front joint runs at 9.0° at ride height; the guideline is at most 7.0° (shop default).')->toContain('The rear joint runs at 8.0° at ride height; the guideline is at most 7.0° (shop default).');
        $rear = Said::each((new ShaftCalculator)->calculate(unequalShaft(['rear' => axisAt(1500, 0, 500, -2)]))->warnings);
        expect($rear)->toContain('The joint angles differ by 3.0° (front 5.0°, rear 2.0°); they cancel only when equal, and 1.0° (shop default) is allowed.');
        expect(Said::mm((new ShaftCalculator)->calculate(unequalShaft())->warnings))->toContain('The rear joint runs nearly straight (0.0°)');
        expect(Said::mm((new ShaftCalculator)->calculate(unequalShaft(['front' => axisAt(0, 0, 500, 0), 'rear' => axisAt(1500, 0, 500, -5)]))->warnings))->toContain('The front joint runs nearly straight (0.0°)');
    });

    it('says what share of its critical speed it runs at, and what to stay below', function () {
        $shaft = (new ShaftCalculator)->calculate(unequalShaft(['speed' => 5000.0]));
        expect(Said::each($shaft->warnings))->toContain(sprintf('At 5000 rev/min the shaft runs at %.0f %% of its critical speed (%.0f rev/min); stay below 75 %% (shop default). Use a larger tube, or two shafts with a centre bearing.', 100 * 5000 / $shaft->criticalSpeed, $shaft->criticalSpeed));
    });
});

describe('what two joints leave, in space', function () {
    it('is √|β₁² e^{2iφ₁} − β₂² e^{2iφ₂}| with planes turned about the shaft', function (float $turn1, float $turn2, YokePhase $phase) {
        // A shaft along x; axes off by 4° and 3° in planes turned about it.
        $axis = fn (float $beta, float $turn): array => [rad2deg(asin(sin(deg2rad($beta)) * cos(deg2rad($turn)))), rad2deg(atan2(sin(deg2rad($beta)) * sin(deg2rad($turn)), cos(deg2rad($beta))))];
        [$p1, $y1] = $axis(4, $turn1);
        [$p2, $y2] = $axis(3, $turn2);
        $sign = $phase === YokePhase::InPhase ? -1 : 1;
        $b1 = deg2rad(4) ** 2;
        $b2 = deg2rad(3) ** 2;
        $left = hypot($b1 * cos(2 * deg2rad($turn1)) + $sign * $b2 * cos(2 * deg2rad($turn2)), $b1 * sin(2 * deg2rad($turn1)) + $sign * $b2 * sin(2 * deg2rad($turn2)));
        $angles = new JointAngles(axisAt(0, 0, 0, $p1, $y1), axisAt(1000, 0, 0, $p2, $y2), $phase);
        expect($angles->front->degrees())->toEqualWithDelta(4.0, 1e-6)->and($angles->rear->degrees())->toEqualWithDelta(3.0, 1e-6)
            ->and($angles->residual->radians)->toEqualWithDelta(sqrt($left), 1e-6);
    })->with([[0, 0], [0, 30], [30, 0], [20, -35], [45, 45], [60, 150], [90, 0]])->with([
        YokePhase::InPhase,
        YokePhase::QuarterTurn,
    ]);
});

describe('sizes no shaft has', function () {
    it('are refused at the tube', function (array $sizes, string $says) {
        expect(fn () => new Tube(...$sizes))->toThrow(InvalidShaft::class, $says);
    })->with([
        [[0.0, 2.0], 'diameter'],
        [[-5.0, null], 'diameter'],
        [[NAN, null], 'diameter'],
        [[76.0, 0.0], 'wall'],
        [[76.0, -1.0], 'wall'],
        [[76.0, 38.0], 'wall'],
        [[76.0, INF], 'wall'],
        [[76.0, 2.0, -0.5], 'kerf'],
        [[76.0, 2.0, 20.5], 'kerf'],
        [[76.0, 2.0, NAN], 'kerf'],
        [[76.0, 2.0, 3.0, -0.5], 'root gap'],
        [[76.0, 2.0, 3.0, 20.5], 'root gap'],
    ]);

    it('are taken up to their bounds', function () {
        expect((new Tube(0.9, 0.4, 0.0, 20.0))->gap)->toBe(20.0)->and((new Tube(76.0, 30.0, 20.0, 0.0))->kerf)->toBe(20.0)->and((new Slip(70.0, 70.0, 0.0))->minIsGiven)->toBeTrue()
            ->and((new Slip(0.5, 0.5, 0.5))->wanted)->toBe(0.5)->and((new ExistingShaft(50.0, 0.0))->length)->toBe(50.0);
    });

    it('are refused at the slip joint and on the bench', function () {
        foreach ([[-1.0, 0.0, 0.0], [100.0, -1.0, 40.0], [100.0, 70.0, -0.5], [100.0, NAN, 40.0], [100.0, 100.5, 40.0]] as $sizes) {
            expect(fn () => new Slip(...$sizes))->toThrow(InvalidShaft::class);
        }
        foreach ([[49.5, 10.0], [NAN, 10.0], [1500.0, -0.5], [1500.0, INF]] as $sizes) {
            expect(fn () => new ExistingShaft(...$sizes))->toThrow(InvalidShaft::class);
        }
    });
});
