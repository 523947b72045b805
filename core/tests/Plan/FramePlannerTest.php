<?php

declare(strict_types=1);

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\CarriedItem;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\Cutting;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\InvalidPlan;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Said;

/** Rails level to station 1000, then rising 3 in 4 to 1800, then level: a kick-up of slope 36.87°, cos 0.8, sin 0.6. */
function kickedUp(): Frame
{
    $points = [];
    foreach ([0 => 400, 1000 => 400, 1800 => 1000, 3000 => 1000] as $x => $z) {
        foreach (['L' => -1, 'R' => 1] as $side => $sign) {
            $points[] = new Point("$x$side", '', $sign < 0 ? Side::Left : Side::Right, null, null, Vector3::of($x, 400 * $sign, $z), Tolerance::all(), true);
        }
    }

    return new Frame($points, [new Axle('front', -200), new Axle('rear', 2600)], [new CarriedItem('brake line', [-100, 2600]), new CarriedItem('cab loom', [-300, 400])]);
}

describe('a stretch', function () {
    it('moves what lies behind a level cut straight back', function () {
        $plan = (new FramePlanner)->plan(kickedUp(), [new Stretch('op1', 500, 640)]);
        expect($plan->target['0L']->toArray())->toBe([0.0, -400.0, 400.0])
            ->and($plan->target['3000R']->toArray())->toBe([3640.0, 400.0, 1000.0])
            ->and($plan->wheelbaseBefore)->toBe(2800.0)->and($plan->wheelbaseAfter)->toBe(3440.0);
    });

    it('follows a sloping rail, unless its insert is to be level', function () {
        $cut = fn (bool $level) => (new FramePlanner)->plan(kickedUp(), [new Stretch('op1', 1400, 100, new Cutting(level: $level))])->target['3000L'];
        expect($cut(false)->x)->toEqualWithDelta(3080.0, 1e-9)->and($cut(false)->z)->toEqualWithDelta(1060.0, 1e-9)
            ->and($cut(true)->toArray())->toBe([3100.0, -400.0, 1000.0]);
    });

    it('names what crosses the cut, once each, and nothing else', function () {
        $plan = (new FramePlanner)->plan(kickedUp(), [new Stretch('op1', 500, 640), new Shorten('op2', 2200, 100)]);
        expect($plan->carried)->toHaveCount(1)
            ->and($plan->carried[0]->feature)->toBe('brake line')
            ->and($plan->carried[0]->change)->toEqualWithDelta(540.0, 1e-9);
    });

    it('gives witness marks g + s + g, and an insert that makes up the kerf', function () {
        $plan = (new FramePlanner)->plan(kickedUp(), [new Stretch('op1', 500, 640, new Cutting(kerf: 3, witness: 150))]);
        expect([$plan->witness[0]->before, $plan->witness[0]->after])->toBe([300.0, 940.0])
            ->and($plan->cuts[0]->piece)->toBe(643.0);
    });
});

describe('a shorten', function () {
    it('takes out its band and brings the rear forward', function () {
        $plan = (new FramePlanner)->plan(kickedUp(), [new Shorten('op1', 1900, 300, new Cutting(kerf: 3))]);
        expect($plan->target['3000L']->x)->toBe(2700.0)->and($plan->wheelbaseAfter)->toBe(2500.0)
            ->and([$plan->witness[0]->before, $plan->witness[0]->after])->toBe([500.0, 200.0])
            ->and($plan->cuts[0]->piece)->toBe(294.0);
    });

    it('gives what lies in the band no target, and says so', function () {
        $plan = (new FramePlanner)->plan(kickedUp(), [new Shorten('op1', 900, 300)]);
        expect($plan->target['1000L'])->toBeNull()
            ->and(Said::mm($plan->warnings))->toContain('1000L, 1000R')->toContain('bend');
    });

    it('undoes a stretch at the same place', function () {
        $there = (new FramePlanner)->plan(kickedUp(), [new Stretch('op1', 500, 240)]);
        $back = (new FramePlanner)->plan($there->frame, [new Shorten('op2', 500, 240)]);
        foreach (kickedUp()->points as $point) {
            expect($back->target[$point->id]->minus($point->reference)->norm())->toBeLessThan(1e-9);
        }
        expect($back->wheelbaseAfter)->toBe(2800.0);
    });
});

describe('a plan', function () {
    it('of nothing changes nothing', function () {
        $plan = (new FramePlanner)->plan(kickedUp(), []);
        expect($plan->target['3000R']->toArray())->toBe([3000.0, 400.0, 1000.0])
            ->and($plan->warnings)->toBe([])
            ->and($plan->wheelbaseAfter)->toBe(2800.0);
    });

    it('gives the same frame in whatever order its operations are named', function () {
        $a = new Stretch('a', 500, 200);
        $b = new Shorten('b', 2100, 150);
        expect((new FramePlanner)->plan(kickedUp(), [$a, $b])->target)->toEqual((new FramePlanner)->plan(kickedUp(), [$b, $a])->target);
    });

    it('warns of holes, axles, slopes and overhang', function (float $at, string $warning) {
        expect(Said::mm((new FramePlanner)->plan(kickedUp(), [new Stretch('op1', $at, 100)])->warnings))->toContain($warning);
    })->with([
        'hole' => [1040, 'within 75 mm of 1000L, 1000R'], 'axle' => [2400, 'within 300 mm of the rear axle'],
        'slope' => [1400, 'slopes by 36.9°'], 'overhang' => [2950, 'the wheelbase stays'],
    ]);

    it('refuses what no saw can do', function (callable $plan, string $sentence) {
        expect($plan)->toThrow(InvalidPlan::class, $sentence);
    })->with([
        'off the frame' => [fn () => (new FramePlanner)->plan(kickedUp(), [new Stretch('op1', 5000, 100)]), 'off the frame; it runs from 0 to 3000 mm'],
        'band past the rear' => [fn () => (new FramePlanner)->plan(kickedUp(), [new Shorten('op1', 2900, 200)]), 'off the frame'],
        'overlap' => [fn () => (new FramePlanner)->plan(kickedUp(), [new Shorten('a', 1900, 300), new Stretch('b', 2000, 50)]), 'a and b cut into each other'],
        'no length' => [fn () => new Stretch('op1', 500, 0), 'between 1 and'],
        'absurd length' => [fn () => new Shorten('op1', 500, 1e9), 'between 1 and'],
        'not a number' => [fn () => new Stretch('op1', 500, NAN), 'between 1 and'],
        'kerf' => [fn () => new Cutting(kerf: 50), '0 to 20 mm'],
        'kind' => [fn () => OperationKinds::named('widen'), 'use stretch, shorten,'],
        'no chart' => [fn () => (new FramePlanner)->plan(new Frame([]), [new Stretch('op1', 1, 1)]), 'no chart to plan on'],
    ]);
});
