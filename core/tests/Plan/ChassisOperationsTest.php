<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
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
use Geodex\Core\Plan\Kick;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Plan\Replace;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Tests\Support\Trucks;
use Geodex\Core\Units\LengthUnit;

/** The truck of the tests on level rails, with something that runs along it. */
function levelFrame(array $carried = []): Frame
{
    $points = [];
    foreach ([-600, 500, 1500, 2500, 3500, 5200] as $i => $x) {
        foreach (['L' => -1, 'R' => 1] as $side => $sign) {
            $points[] = new Point(chr(65 + $i).$side, '', $sign < 0 ? Side::Left : Side::Right, null, null, Vector3::of($x, 420 * $sign, 500), Tolerance::all(), true);
        }
    }

    return new Frame($points, [new Axle('front', 0), new Axle('rear', 3300)], $carried);
}

/** @param  list<Operation>  $operations */
function plannedTruck(array $operations, array $carried = [], ?Chassis $chassis = null): PlannedFrame
{
    return (new FramePlanner)->plan(levelFrame($carried), $operations, $chassis ?? Trucks::truck());
}

function operation(string $kind, array $given, string $id = 'op1'): Operation
{
    return OperationKinds::read($kind, $id, $given, new FieldReader);
}

describe('a section that is replaced', function () {
    it('leaves all where it was when as much goes in as comes out', function () {
        $plan = plannedTruck([new Replace('op1', 1700, 400, 400)]);
        expect($plan->wheelbaseAfter)->toBe(3300.0)
            ->and($plan->target['FL']->toArray())->toBe([5200.0, -420.0, 500.0])
            ->and($plan->witness[0]->before)->toBe(600.0)
            ->and($plan->witness[0]->after)->toBe(600.0);
    });

    it('lengthens or shortens by the difference, and loses what was on the piece that comes out', function () {
        $plan = plannedTruck([new Replace('op1', 1700, 400, 640)]);
        expect($plan->wheelbaseAfter)->toBe(3540.0)
            ->and($plan->chassis->fixture('O1'))->toBeNull()
            ->and($plan->chassis->fixture('H2')->station)->toBe(2640.0)
            ->and($plan->chassis->rails[0]->to)->toBe(5540.0);
    });

    it('is sawn to two root gaps less, and what the joints draw in more', function () {
        $plan = plannedTruck([new Replace('op1', 1700, 400, 640, new Cutting(kerf: 3, gap: 2, shrinkage: 0.5))]);
        expect(array_map(fn ($cut): array => [$cut->what, $cut->mark, $cut->piece], $plan->cuts))->toBe([['band', 400.0, 394.0], ['insert', 637.0, 637.0]])
            ->and($plan->cuts[1]->sum()->in(LengthUnit::Millimetre))->toBe('640.0 mm put in − 4.0 mm two root gaps + 1.0 mm two joints draw in = 637.0 mm');
    });

    it('takes what the joints draw in from the wall where the shop has not measured it', function () {
        // Worked example of the methods: wall 5, gap 2, 60°: A 24.43, δ 0.489; insert 499.48 with kerf 2.5.
        $thin = Trucks::truck(['rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => [...Trucks::CHANNEL, 'thickness' => 5]]]]);
        $plan = plannedTruck([new Stretch('op1', 1800, 500, new Cutting(kerf: 2.5, gap: 2))], chassis: $thin);
        expect($plan->cuts[0]->piece)->toEqualWithDelta(499.48, 0.005);
    });
});

describe('a kick', function () {
    it('raises what lies behind by its height, and sets it back by what the leg runs rearward', function () {
        // Worked example: H 90, θ 20°: leg 263.14, advance 247.27.
        $plan = plannedTruck([new Kick('op1', 1800, 90, 20)]);
        expect($plan->target['FL']->x)->toEqualWithDelta(5447.27, 0.005)
            ->and($plan->target['FL']->z)->toBe(590.0)
            ->and($plan->target['BL']->z)->toBe(500.0)
            ->and($plan->cuts[0]->piece)->toEqualWithDelta(263.14, 0.005)
            ->and($plan->wheelbaseAfter)->toEqualWithDelta(3547.27, 0.005);
    });

    it('keeps the wheelbase when as much rail comes out, and goes down as well', function () {
        $kick = new Kick('op1', 1800, -90, 20);
        $plan = plannedTruck([new Kick('op1', 1800, -90, 20, $kick->advance())]);
        expect($plan->wheelbaseAfter)->toEqualWithDelta(3300.0, 1e-9)
            ->and($plan->target['FL']->z)->toBe(410.0);
    });

    it('says its mitres across the depth of the rail', function () {
        // tan 10° on 200 mm: 35.3 mm out of square.
        expect(Said::mm(plannedTruck([new Kick('op1', 1800, 90, 20)])->warnings))->toContain('mitred by 10.0°, 35.3 mm out of square across the depth')->toContain('263.1 mm long')
            ->and(Said::mm(plannedTruck([new Kick('op1', 1800, 90, 20)], chassis: new Chassis)->warnings))->toContain('mitred by 10.0°;');
    });

    it('is undone by a kick the other way', function () {
        $plan = plannedTruck([new Kick('op1', 1300, 90, 20), new Kick('op2', 2900, -90, 20)]);
        expect($plan->target['FL']->z)->toEqualWithDelta(500.0, 1e-9)
            ->and($plan->target['DL']->z)->toBe(590.0);
    });
});

describe('an axle that is moved', function () {
    it('takes its hangers with it and leaves those of the other', function () {
        $plan = plannedTruck([operation('move-axle', ['axle' => 'rear', 'by' => 300])]);
        expect($plan->wheelbaseAfter)->toBe(3600.0)->and($plan->chassis->fixture('H2')->station)->toBe(2700.0)->and($plan->chassis->fixture('H3')->station)->toBe(4400.0)->and($plan->chassis->fixture('H1')->station)->toBe(600.0)->and($plan->chassis->fixture('X2')->station)->toBe(1540.0)
            ->and(Said::mm($plan->warnings))->toContain('sets the rear axle 300 mm rearward; with it go rear spring, front hanger, rear spring, rear hanger');
    });

    it('goes forward as well, and with a cut besides', function () {
        $plan = plannedTruck([operation('move-axle', ['axle' => 'REAR', 'way' => 'forward', 'by' => 100]), new Stretch('op2', 1800, 640)]);
        expect($plan->wheelbaseAfter)->toBe(3840.0)
            ->and($plan->chassis->fixture('H2')->station)->toBe(2940.0);
    });

    it('is refused where there is none of that name', function () {
        expect(fn () => plannedTruck([operation('move-axle', ['axle' => 'middle', 'by' => 100])]))->toThrow(InvalidPlan::class, 'there is no axle “middle”');
    });

    it('says when it comes to stand off the frame', function () {
        expect(Said::mm(plannedTruck([operation('move-axle', ['axle' => 'rear', 'by' => 2500])])->warnings))->toContain('off the frame');
    });
});

describe('a feature', function () {
    it('is moved, and told when it is in another one\'s place', function () {
        $plan = plannedTruck([operation('move-feature', ['feature' => 'X2', 'to' => 1130])]);
        expect($plan->chassis->fixture('X2')->station)->toBe(1130.0)
            ->and(Said::mm($plan->warnings))->toContain('crossmember X2 and gearbox crossmember are in each other\'s place by 50.0 mm');
    });

    it('is added under the id of its operation', function () {
        $plan = plannedTruck([operation('add-feature', ['new' => ['kind' => 'body-mount', 'station' => 2100, 'length' => 90]], 'mount5')]);
        expect($plan->chassis->fixture('mount5')->station)->toBe(2100.0)
            ->and($plan->warnings)->toBe([]);
    });

    it('is told when it has no rail, or stands on rail that is cut out', function () {
        expect(Said::mm(plannedTruck([operation('add-feature', ['new' => ['kind' => 'bracket', 'station' => 5600]])])->warnings))->toContain('at 5600 mm there is no left rail for')
            ->and(Said::mm(plannedTruck([operation('add-feature', ['new' => ['kind' => 'bracket', 'station' => 1850]]), new Shorten('op2', 1800, 200)])->warnings))->toContain('stands on rail that is cut out');
    });

    it('is taken away, and asks what carries instead', function () {
        $plan = plannedTruck([operation('remove-feature', ['feature' => 'X1'])]);
        expect($plan->chassis->fixture('X1'))->toBeNull()->and(Said::mm($plan->warnings))->toContain('takes gearbox crossmember away: say what carries instead')
            ->and(Said::mm(plannedTruck([operation('remove-feature', ['feature' => 'X1', 'instead' => 'a bridge bolted below'])])->warnings))->toContain('a bridge bolted below carries instead, and is in place before the old one comes off')
            ->and(plannedTruck([operation('remove-feature', ['feature' => 'O1'])])->warnings)->toBe([]);
    });

    it('is refused where there is none, or one already', function () {
        expect(fn () => plannedTruck([operation('move-feature', ['feature' => 'nix', 'to' => 100])]))->toThrow(InvalidPlan::class, 'no feature “nix”')
            ->and(fn () => plannedTruck([operation('remove-feature', ['feature' => 'nix'])]))->toThrow(InvalidPlan::class, 'no feature “nix”')
            ->and(fn () => plannedTruck([operation('add-feature', ['new' => ['kind' => 'weld', 'station' => 100]], 'X1')]))->toThrow(InvalidPlan::class, 'already has a feature “X1”');
    });

    it('finds no weld and no flange hole on heat-treated steel', function (array $new, string $says) {
        $treated = Trucks::truck(['rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL, 'steel' => 'heat-treated']]]);
        expect(Said::mm(plannedTruck([operation('add-feature', ['new' => $new])], chassis: $treated)->warnings))->toContain($says);
    })->with([
        [['kind' => 'weld', 'station' => 2000], 'the left rail is heat-treated; no weld on it'],
        [['kind' => 'hole', 'station' => 2000, 'diameter' => 12, 'face' => 'top'], 'no hole in its flange'],
    ]);
});

describe('a length of rail', function () {
    it('is boxed: hardly stiffer in bending, hundreds of times in torsion, with a step at its ends', function () {
        $plan = plannedTruck([operation('box', ['from' => 1700, 'to' => 2200, 'thickness' => 6])]);
        $inside = $plan->chassis->section(Side::Left, 2000.0);
        expect($inside->section->torsionConstant())->toEqualWithDelta(8.3826e6, 100)->and($plan->chassis->section(Side::Left, 1600.0)->section->torsionConstant())->toEqualWithDelta(23_616.0, 1)
            ->and(Said::mm($plan->warnings))->toContain('at its front end the rail gets weaker by a step of 36 %')->toContain('at its rear end');
    });

    it('is plated on one side', function () {
        $plan = plannedTruck([operation('plate', ['side' => 'right', 'from' => 1700, 'to' => 2200, 'thickness' => 6, 'height' => 170])]);
        expect($plan->chassis->section(Side::Right, 2000.0)->properties->inertiaY)->toBeGreaterThan($plan->chassis->section(Side::Left, 2000.0)->properties->inertiaY * 1.2);
    });

    it('moves with the cut before it', function () {
        $plan = plannedTruck([operation('box', ['from' => 2700, 'to' => 2900, 'thickness' => 6]), new Stretch('op2', 1800, 640)]);
        expect($plan->chassis->section(Side::Left, 3440.0)->section->cell())->not->toBeNull()
            ->and($plan->chassis->section(Side::Left, 2800.0)->section->cell())->toBeNull();
    });

    it('is refused where no rail is, or backwards', function (array $given) {
        expect(fn () => plannedTruck([operation('box', [...$given, 'thickness' => 6])]))->toThrow(InvalidPlan::class, 'no rail is entered between');
    })->with([[['from' => 5000, 'to' => 5600]], [['from' => 2000, 'to' => 1500]], [['from' => 2000, 'to' => 2000]]]);

    it('takes no weld where it is heat-treated', function () {
        $treated = Trucks::truck(['rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL, 'steel' => 'heat-treated']]]);
        expect(Said::mm(plannedTruck([operation('box', ['side' => 'left', 'from' => 1700, 'to' => 2200, 'thickness' => 6])], chassis: $treated)->warnings))->toContain('the left rail is heat-treated; it takes no weld');
    });

    it('is not boxed twice as a box', function () {
        $box = Trucks::truck(['rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => ['kind' => 'box', 'depth' => 100, 'width' => 60, 'thickness' => 4]]]]);
        expect(fn () => plannedTruck([operation('box', ['from' => 1700, 'to' => 2200, 'thickness' => 6])], chassis: $box))->toThrow(InvalidFields::class, 'stands on the tips of a channel');
    });
});

describe('what runs along', function () {
    /** @param  list<Operation>  $operations */
    function changeOf(array $operations, array $path): array
    {
        $change = plannedTruck($operations, [new CarriedItem('line', $path)])->carried[0] ?? null;

        return [$change?->change, $change?->end];
    }

    it('changes as its path does, over and back, and with what is cut out of it', function () {
        // The three worked examples of the methods, section 13.
        expect(changeOf([new Shorten('op1', 2000, 100)], [1000.0, 2050.0])[0])->toEqualWithDelta(-50.0, 1e-9)
            ->and(changeOf([new Stretch('op1', 2100, 640)], [1000.0, 2600.0, 1900.0])[0])->toEqualWithDelta(1280.0, 1e-9)
            ->and(changeOf([new Replace('op1', 2000, 100, 300)], [1000.0, 2050.0])[0])->toEqualWithDelta(-50.0, 1e-9)
            ->and(changeOf([new Replace('op1', 2000, 100, 300)], [1000.0, 2100.0])[0])->toEqualWithDelta(200.0, 1e-9);
    });

    it('turning in a band loses what is gone of each leg, and its turn needs a new place', function () {
        [$change, $end] = changeOf([new Shorten('op1', 2000, 100)], [1000.0, 2060.0, 1500.0]);
        expect($change)->toEqualWithDelta(-120.0, 1e-9)
            ->and($end)->toBe('Its turn at 2060 mm lies in the piece that op1 takes out: it needs a new place.');
    });

    it('with a fixing at a cut goes with the front half', function () {
        expect(changeOf([new Stretch('op1', 2100, 640)], [1000.0, 2100.0])[0])->toBeNull()
            ->and(changeOf([new Stretch('op1', 2100, 640)], [2100.0, 3000.0])[0])->toEqualWithDelta(640.0, 1e-9);
    });
});

describe('operations of every kind', function () {
    it('undo each other: a stretch and an equal shorten give the chassis back', function () {
        $there = plannedTruck([new Stretch('op1', 1800, 240)]);
        $back = (new FramePlanner)->plan($there->frame, [new Shorten('op2', 1800, 240)], $there->chassis);
        expect($back->chassis)->toEqual(Trucks::truck());
    });

    it('never make an invalid frame of a valid one, in ten thousand steps', function (int $seed) {
        mt_srand($seed);
        [$taken, $refused] = [0, 0];
        $chassis = Trucks::truck();
        $kinds = OperationKinds::names();
        $one = fn (string $kind, string $id): array => match ($kind) {
            'stretch', 'shorten' => ['at' => mt_rand(-900, 5600), 'length' => mt_rand(1, 900), 'kerf' => mt_rand(0, 4), 'gap' => mt_rand(0, 3)],
            'replace' => ['at' => mt_rand(-900, 5600), 'length' => mt_rand(1, 900), 'insert' => mt_rand(1, 900)],
            'kick' => ['at' => mt_rand(-900, 5600), 'height' => mt_rand(1, 300), 'angle' => mt_rand(5, 80), 'takeOut' => mt_rand(0, 400), 'direction' => mt_rand(0, 1) ? 'up' : 'down'],
            'move-axle' => ['axle' => mt_rand(0, 9) ? ['front', 'rear'][mt_rand(0, 1)] : 'none', 'by' => mt_rand(1, 900)],
            'move-feature' => ['feature' => ['H1', 'X1', 'X2', 'O1', 'nix'][mt_rand(0, 4)], 'to' => mt_rand(-1500, 6500)],
            'add-feature' => ['new' => ['kind' => ['weld', 'bracket', 'crack'][mt_rand(0, 2)], 'station' => mt_rand(-1500, 6500), 'length' => mt_rand(0, 400)]],
            'remove-feature' => ['feature' => ['H1', 'X1', 'X2', 'nix'][mt_rand(0, 3)]],
            default => ['side' => ['both', 'left', 'right'][mt_rand(0, 2)], 'from' => mt_rand(-900, 5600), 'to' => mt_rand(-900, 5600), 'thickness' => mt_rand(1, 30)],
        };
        for ($step = 0; $step < 2500; $step += count($operations)) {
            $operations = [];
            for ($i = 0, $many = mt_rand(1, 5); $i < $many; $i++) {
                $kind = $kinds[mt_rand(0, count($kinds) - 1)];
                $operations[] = operation($kind, $one($kind, "op$i"), "op$i");
            }
            try {
                $plan = plannedTruck($operations);
            } catch (InvalidPlan|InvalidFields) {
                $refused++;

                continue;
            }
            $taken++;
            foreach ($plan->chassis->rails as $rail) {
                expect($rail->to)->toBeGreaterThan($rail->from)
                    ->and(is_finite($rail->from) && is_finite($rail->to))->toBeTrue();
            }
            // What was built can be built again: no two rails lie over each other, every section is one.
            $again = new Chassis(rails: $plan->chassis->rails, fixtures: $plan->chassis->fixtures, masses: $plan->chassis->masses, axles: $plan->chassis->axles);
            [$front, $rear] = $again->span();
            for ($x = $front; $x < $rear; $x += 700) {
                expect($again->section(Side::Left, $x)?->modulus() ?? 1.0)->toBeGreaterThan(0.0);
            }
        }
        expect($taken)->toBeGreaterThan(100)->and($refused)->toBeGreaterThan(100);
    })->with(['seed 1' => 1, 'seed 2' => 2, 'seed 3' => 3, 'seed 4' => 4]);
});
