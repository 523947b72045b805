<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

describe('the order of work', function (): void {
    $step = fn (string $id, array $more = []): array => ['id' => $id, 'minutes' => 10, ...$more];

    it('goes by need, by zone and by kind, each with its reason', function () use ($step): void {
        $told = Calculators::run('order', ['steps' => [$step('plate', ['kind' => 'close', 'closes' => ['cavity']]), $step('loom', ['inside' => ['cavity']]), $step('wax', ['kind' => 'coat', 'joint' => 'left', 'needs' => ['seam']]), $step('seam', ['kind' => 'weld', 'joint' => 'left'])]]);
        expect($told['order'])->toBe(['loom', 'seam', 'plate', 'wax'])
            ->and($told['possible'])->toBe(['loom', 'seam'])
            ->and($told['blocked'])->toBe([['id' => 'plate', 'by' => ['loom']], ['id' => 'wax', 'by' => ['seam']]])
            ->and($told['minutes'])->toBe(40.0);
    });

    it('keeps to rules of kind within a joint, and can do without them', function () use ($step): void {
        $steps = [$step('tack', ['kind' => 'tack', 'joint' => 'left']), $step('cut', ['kind' => 'cut', 'joint' => 'left']), $step('other cut', ['kind' => 'cut', 'joint' => 'right']), $step('cut nowhere', ['kind' => 'cut'])];
        expect(Calculators::run('order', ['steps' => $steps])['blocked'])->toBe([['id' => 'tack', 'by' => ['cut']]])
            ->and(Calculators::run('order', ['steps' => $steps, 'standardRules' => false])['blocked'])->toBe([]);
    });

    it('never puts a step before what it needs, whatever the list', function (int $seed): void {
        mt_srand($seed);
        $steps = [];
        for ($i = 0; $i < 25; $i++) {
            $needs = array_values(array_filter(array_map(fn (int $j): string => "s$j", $i === 0 ? [] : range(0, $i - 1)), fn (): bool => mt_rand(0, 9) < 2));
            $steps[] = ['id' => "s$i", 'minutes' => mt_rand(0, 60), 'state' => ['', 'wheels', 'stands'][mt_rand(0, 2)], 'needs' => $needs];
        }
        $mixed = $steps;
        shuffle($mixed);
        $told = Calculators::run('order', ['steps' => $mixed, 'state' => 'wheels']);
        $place = array_flip($told['order']);
        foreach ($steps as $one) {
            foreach ($one['needs'] as $needed) {
                expect($place[$needed])->toBeLessThan($place[$one['id']]);
            }
        }
        // The longest chain by plain recursion over all of them.
        $after = fn (string $id): array => array_filter($steps, fn (array $one): bool => in_array($id, $one['needs'], true));
        $longest = function (array $one) use (&$longest, $after): float {
            return $one['minutes'] + max([0.0, ...array_map($longest, array_values($after($one['id'])))]);
        };
        expect($told['criticalPath']['minutes'])->toEqualWithDelta(max(array_map($longest, $steps)), 1e-9)
            ->and($told['order'])->toHaveCount(25);
    })->with([1, 2, 3]);

    it('says which steps stand in each other’s way, by the shortest ring, done or not', function () use ($step): void {
        $steps = [$step('a', ['needs' => ['d']]), $step('b', ['needs' => ['a', 'c']]), $step('c', ['needs' => ['b']]), $step('d', ['needs' => ['b']])];
        $told = Calculators::run('order', ['steps' => $steps, 'done' => ['c']]);
        expect($told['conflict'])->toBe(['steps' => ['b', 'c'], 'reasons' => ['“b” comes before “c”: “c” needs it.', '“c” comes before “b”: “b” needs it.']])
            ->and($told['order'])->toBeNull();
    });

    it('lists what was done too early, and ends with nothing left', function () use ($step): void {
        $steps = [$step('posts', ['kind' => 'support']), $step('cut', ['kind' => 'cut'])];
        expect(Calculators::run('order', ['steps' => $steps, 'done' => ['cut']])['outOfOrder'])->toBe(['cut']);
        $told = Calculators::run('order', ['steps' => $steps, 'done' => ['cut', 'posts']]);
        expect([$told['order'], $told['criticalPath'], $told['minutes'], $told['outOfOrder']])->toBe([[], ['steps' => [], 'minutes' => 0.0], 0.0, []]);
    });

    it('is refused of steps that are not there', function (array $given, string $path): void {
        expect(fn () => Calculators::run('order', $given))->toThrow(InvalidFields::class, $path);
    })->with([
        'none' => [['steps' => []], 'steps'],
        'twice' => [['steps' => [['id' => 'a'], ['id' => 'a']]], 'steps[1].id'],
        'needs nothing there' => [['steps' => [['id' => 'a', 'needs' => ['b']]]], 'steps[0].needs[0]'],
        'needs itself' => [['steps' => [['id' => 'a', 'needs' => ['a']]]], 'steps[0].needs[0]'],
        'done nothing there' => [['steps' => [['id' => 'a']], 'done' => ['b']], 'done[0]'],
        'backwards in time' => [['steps' => [['id' => 'a', 'minutes' => -1]]], 'steps[0].minutes'],
    ]);
});

describe('the duty of a machine', function (): void {
    $plate = [['current' => 200, 'duty' => 30], ['current' => 160, 'duty' => 60], ['current' => 140, 'duty' => 100]];

    it('is what stands on the plate, at every current that stands there, in any order', function (int $at, float $duty) use ($plate): void {
        expect(Calculators::run('duty', ['ratings' => $plate, 'current' => $at])['duty'])->toEqualWithDelta($duty, 1e-9);
    })->with([[200, 30.0], [160, 60.0], [140, 100.0]]);

    it('falls by the square below the lowest rating until it never rests', function (): void {
        $at = fn (float $current): array => Calculators::run('duty', ['ratings' => [['current' => 200, 'duty' => 36]], 'current' => $current]);
        expect($at(150)['duty'])->toEqualWithDelta(64.0, 1e-9)
            ->and($at(120)['duty'])->toEqualWithDelta(100.0, 1e-9)
            ->and($at(90)['duty'])->toBe(100.0)
            ->and($at(90)['continuousCurrent'])->toEqualWithDelta(120.0, 1e-9);
    });

    it('rests between the periods and not after the last', function (): void {
        $told = Calculators::run('duty', ['ratings' => [['current' => 200, 'duty' => 40]], 'current' => 200, 'arcMinutes' => 8]);
        expect($told['windows'])->toBe(2)
            ->and($told['elapsedMinutes'])->toEqualWithDelta(14.0, 1e-9);
    });

    it('is refused above the plate, and from a plate that cannot be', function (array $ratings, float $current, string $path): void {
        expect(fn () => Calculators::run('duty', ['ratings' => $ratings, 'current' => $current]))->toThrow(InvalidFields::class, $path);
    })->with([
        'above' => [[['current' => 200, 'duty' => 30]], 201, 'current'],
        'rising' => [[['current' => 100, 'duty' => 30], ['current' => 200, 'duty' => 60]], 90, 'ratings'],
        'over 100 %' => [[['current' => 100, 'duty' => 101]], 90, 'ratings'],
        'twice' => [[['current' => 100, 'duty' => 30], ['current' => 100, 'duty' => 20]], 90, 'ratings'],
    ]);
});

describe('a bolt', function (): void {
    it('oiled takes less torque for the same stretch, and dry torque stretches it too far', function (): void {
        $of = fn (string $thread): array => Calculators::run('torque', ['size' => 16, 'class' => '8.8', 'condition' => $thread]);
        expect($of('oiled')['preload'])->toBe($of('dry')['preload'])
            ->and($of('oiled')['torque'] / $of('dry')['torque'])->toEqualWithDelta(0.7, 1e-9)
            ->and($of('dry')['proofShareIfOiled'])->toEqualWithDelta(0.75 / 0.7, 1e-9)
            ->and($of('oiled')['proofShareIfOiled'])->toBe(0.75);
    });

    it('of class 8.8 has more proof above M16', function (): void {
        $stress = function (int $size): float {
            $told = Calculators::run('torque', ['size' => $size, 'class' => '8.8', 'condition' => 'dry']);

            return $told['proofLoad'] / $told['stressArea'];
        };
        expect($stress(16))->toEqualWithDelta(580.0, 1e-9)
            ->and($stress(18))->toEqualWithDelta(600.0, 1e-9);
    });

    it('is as long as what it grips, its washers, its nut and two threads, rounded up to stock', function (): void {
        $told = Calculators::run('torque', ['size' => 12, 'class' => '10.9', 'condition' => 'dry', 'grip' => [8, 6, 10]]);
        expect($told['neededLength'])->toEqualWithDelta(24 + 2 * 2.5 + 10.8 + 3.5, 1e-9)
            ->and($told['boltLength'])->toBe(45.0);
    });

    it('is refused where it does not exist', function (array $change, string $path): void {
        expect(fn () => Calculators::run('torque', ['size' => 12, 'class' => '10.9', 'condition' => 'dry', ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'M13' => [['size' => 13], 'size'],
        'M12.5' => [['size' => 12.5], 'size'],
        'class' => [['class' => '8.9'], 'class'],
        'pitch' => [['pitch' => 6], 'pitch'],
        'slippery' => [['nutFactor' => 0.05], 'nutFactor'],
        'long' => [['grip' => [190]], 'grip'],
        'scatter' => [['scatter' => 1.0], 'scatter'],
    ]);
});

describe('preheat', function (): void {
    $steel = ['composition' => ['C' => 0.2, 'Mn' => 1.4, 'Cr' => 0.4, 'Mo' => 0.2], 'thicknesses' => [20, 20], 'heatInput' => 1.0];

    it('rises with carbon, thickness and hydrogen and falls with heat', function () use ($steel): void {
        $at = fn (array $change): float => Calculators::run('preheat', [...$steel, ...$change])['calculated'];
        expect($at(['thicknesses' => [40, 20]]))->toBeGreaterThan($at([]))
            ->and($at(['hydrogen' => 10]))->toBeGreaterThan($at([]))
            ->and($at(['heatInput' => 2.0]))->toBeLessThan($at([]))
            ->and($at(['composition' => [...$steel['composition'], 'C' => 0.25]]))->toBeGreaterThan($at([]));
    });

    it('is the worked case of the standard’s formula', function () use ($steel): void {
        // CET = 0.2 + (1.4 + 0.2)/10 + 0.4/20 = 0.38
        $told = Calculators::run('preheat', $steel);
        expect($told['cet'])->toEqualWithDelta(0.38, 1e-12)
            ->and($told['calculated'])->toEqualWithDelta(697 * 0.38 + 160 * tanh(20 / 35) + 62 * 5 ** 0.35 + (53 * 0.38 - 32) - 328, 1e-9)
            ->and($told['inRange'])->toBeTrue();
    });

    it('is not asked of thin mild steel, nor where the shop is warmer than it', function () use ($steel): void {
        expect(Calculators::run('preheat', ['composition' => ['C' => 0.18, 'Mn' => 1.2], 'thicknesses' => [8, 8], 'heatInput' => 0.8])['required'])->toBeFalse()
            ->and(Calculators::run('preheat', $steel)['required'])->toBeTrue()
            ->and(Calculators::run('preheat', [...$steel, 'ambient' => 100, 'heatInput' => 4])['temperature'])->toBeNull();
    });

    it('is refused without carbon or with too much heat', function (array $change, string $path) use ($steel): void {
        expect(fn () => Calculators::run('preheat', [...$steel, ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'no carbon' => [['composition' => ['C' => 0]], 'composition.C'],
        'heat' => [['heatInput' => 5.1], 'heatInput'],
        'no plate' => [['thicknesses' => []], 'thicknesses'],
    ]);
});

describe('a hold point', function (): void {
    $read = ['deviation' => 0.4, 'sigma' => 0.2, 'tolerance' => 2.0];

    it('goes on well inside, stops well outside where nothing can be moved enough, and mirrors', function () use ($read): void {
        $at = fn (float $off, float $still = 0.0): array => Calculators::run('hold-point', [...$read, 'deviation' => $off, 'pending' => ['change' => 0, 'sigma' => $still]]);
        expect($at(0.4)['action'])->toBe('go-on')->and($at(0.4)['leastMove'])->toBe(0.0)->and($at(4.0)['action'])->toBe('move')->and($at(8.0, 1.5)['action'])->toBe('stop')
            ->and($at(-4.0)['move'])->toBe(-$at(4.0)['move'])->and($at(-4.0)['leastMove'])->toEqualWithDelta(-$at(4.0)['leastMove'], 1e-12)->and($at(-4.0)['probability'])->toEqualWithDelta($at(4.0)['probability'], 1e-12);
    });

    it('after the least move it asks for goes on', function () use ($read): void {
        $still = ['pending' => ['change' => 0.5, 'sigma' => 0.3]];
        $least = Calculators::run('hold-point', [...$read, ...$still, 'deviation' => 2.5])['leastMove'];
        expect(Calculators::run('hold-point', [...$read, ...$still, 'deviation' => 2.5 + $least])['action'])->toBe('go-on');
    });

    it('measures again only where that settles it', function () use ($read): void {
        $told = Calculators::run('hold-point', [...$read, 'deviation' => 1.7, 'pending' => ['change' => 0, 'sigma' => 0]]);
        expect($told['action'])->toBe('measure-again')->and($told['readings'])->toBe((int) ceil((1.96 * 0.2 / 0.3) ** 2))
            ->and(Calculators::run('hold-point', [...$read, 'deviation' => 1.7, 'pending' => ['change' => 0, 'sigma' => 0.2]])['readings'])->toBeNull();
    });

    it('allows a share where nothing is known of what is to come, and takes heat off', function (string $stage, float $limit) use ($read): void {
        expect(Calculators::run('hold-point', [...$read, 'stage' => $stage])['limit'])->toEqualWithDelta($limit, 1e-12);
        expect(Calculators::run('hold-point', [...$read, 'thermal' => ['length' => 1000, 'temperature' => 70]])['thermal'])->toEqualWithDelta(-0.6, 1e-12);
    })->with([['tack', 2 / 3], ['root', 1.0], ['stage', 1.0], ['cold', 2.0]]);
});

describe('the shrinkage book', function (): void {
    it('with no case is the estimate, and with many is what was seen', function (): void {
        $of = fn (array $cases): array => Calculators::run('shrinkage-book', ['prior' => ['mean' => 0.6, 'sigma' => 0.4], 'observations' => $cases]);
        expect($of([])['mean'])->toBe(0.6)
            ->and($of([])['sigma'])->toEqualWithDelta(0.4, 1e-12)
            ->and($of([])['sampleMean'])->toBeNull()
            ->and($of(array_fill(0, 500, ['value' => 1.2]))['mean'])->toEqualWithDelta(1.2, 0.002)
            ->and($of(array_fill(0, 500, ['value' => 1.2]))['predictiveSigma'])->toEqualWithDelta(0.3, 0.001);
    });

    it('may be told one case after the other: what was learnt is the next estimate', function (): void {
        $first = Calculators::run('shrinkage-book', ['prior' => ['mean' => 0.6, 'sigma' => 0.4], 'observations' => [['value' => 0.9]]]);
        $then = Calculators::run('shrinkage-book', ['prior' => ['mean' => $first['mean'], 'sigma' => $first['sigma']], 'observations' => [['value' => 1.1]]]);
        $both = Calculators::run('shrinkage-book', ['prior' => ['mean' => 0.6, 'sigma' => 0.4], 'observations' => [['value' => 0.9], ['value' => 1.1]]]);
        expect($then['mean'])->toEqualWithDelta($both['mean'], 1e-12)
            ->and($then['sigma'])->toEqualWithDelta($both['sigma'], 1e-12);
    });

    it('leaves out other kinds and what was not recorded, and doubts a wide scatter', function (): void {
        $told = Calculators::run('shrinkage-book', ['prior' => ['mean' => 0.6, 'sigma' => 0.4], 'kind' => 'butt', 'observations' => [['value' => 0.2, 'kind' => 'butt'], ['value' => 2.4, 'kind' => 'butt'], ['value' => 1.0, 'kind' => 'butt'], ['value' => 9, 'kind' => 'lap'], ['value' => 9, 'kind' => 'butt', 'recorded' => false]]]);
        expect($told['used'])->toBe(3)
            ->and($told['sampleMean'])->toEqualWithDelta(1.2, 1e-12)
            ->and($told['scatterDoubtful'])->toBeTrue();
    });

    it('adds what joints have in common straight and what they have not squared', function (): void {
        $told = Calculators::run('shrinkage-book', ['prior' => ['mean' => 0.6, 'sigma' => 0.4], 'joints' => 4]);
        expect($told['preset'])->toEqualWithDelta(2.4, 1e-12)
            ->and($told['presetSigma'])->toEqualWithDelta(sqrt(16 * 0.16 + 4 * 0.09), 1e-12);
    });
});

describe('filler and time', function (): void {
    it('weighs what the volume of a plug and a fillet weigh', function (): void {
        $told = Calculators::run('consumables', ['process' => 'tig', 'travelSpeed' => 100, 'welds' => [['kind' => 'plug', 'diameter' => 10, 'depth' => 6, 'count' => 4], ['kind' => 'fillet', 'leg' => 4, 'length' => 500]]]);
        expect($told['each'][0])->toEqualWithDelta(4 * M_PI * 25 * 6 * 7850e-9, 1e-12)
            ->and($told['each'][1])->toEqualWithDelta(8 * 1.15 * 500 * 7850e-9, 1e-12)
            ->and($told['deposit'])->toEqualWithDelta(array_sum($told['each']), 1e-12)
            ->and($told['filler'])->toEqualWithDelta($told['deposit'], 1e-12);
    });

    it('lays the leg that its wire, feed and travel make', function (): void {
        $given = ['process' => 'mag', 'wire' => ['diameter' => 1.0, 'feed' => 8], 'travelSpeed' => 400];
        $leg = Calculators::run('consumables', [...$given, 'welds' => [['kind' => 'fillet', 'leg' => 5, 'length' => 1000]]])['legAtSettings'];
        // A fillet of that leg then takes the wire just as long as the torch travels.
        expect(Calculators::run('consumables', [...$given, 'welds' => [['kind' => 'fillet', 'leg' => $leg, 'length' => 1000]]])['arcMinutes'])->toEqualWithDelta(1000 / 400, 1e-9);
    });

    it('costs what filler, gas and work cost together', function (): void {
        $told = Calculators::run('consumables', ['process' => 'stick', 'travelSpeed' => 200, 'welds' => [['kind' => 'groove', 'thickness' => 6, 'gap' => 2, 'angle' => 60, 'length' => 300, 'passes' => 2]], 'rates' => ['filler' => 5, 'gas' => 9, 'labour' => 60]]);
        expect($told['gas'])->toBe(0.0)
            ->and($told['arcMinutes'])->toEqualWithDelta(3.0, 1e-9)
            ->and($told['cost']['labour'])->toEqualWithDelta(15.0, 1e-9)
            ->and($told['cost']['total'])->toEqualWithDelta($told['cost']['filler'] + 15.0, 1e-9);
    });

    it('is refused where a weld is told by what it is not', function (array $weld, string $path): void {
        expect(fn () => Calculators::run('consumables', ['process' => 'mag', 'travelSpeed' => 300, 'welds' => [$weld]]))->toThrow(InvalidFields::class, $path);
    })->with([
        'plug with leg' => [['kind' => 'plug', 'diameter' => 8, 'depth' => 4, 'leg' => 5], 'welds[0].leg'],
        'no leg' => [['kind' => 'fillet', 'length' => 100], 'welds[0].leg'],
        'no width' => [['kind' => 'groove', 'thickness' => 6, 'length' => 100], 'welds[0].gap'],
    ]);

    it('asks for the time of the arc', fn () => expect(fn () => Calculators::run('consumables', ['process' => 'mag', 'welds' => [['kind' => 'plug', 'diameter' => 8, 'depth' => 4]]]))->toThrow(InvalidFields::class, 'travelSpeed'));
});

describe('a weld sequence', function (): void {
    $ring = array_map(fn (int $i): array => ['id' => "run $i", 'from' => [$i % 2 * 300, ($i >> 1) % 2 * 80 - 40, ($i >> 2) * 200 - 100], 'to' => [$i % 2 * 300 + 120, ($i >> 1) % 2 * 80 - 40, ($i >> 2) * 200 - 100], 'heatInput' => 0.5], range(0, 7));

    it('lays every piece once, all the heat, and is better balanced than the list', function () use ($ring): void {
        $told = Calculators::run('weld-sequence', ['runs' => $ring, 'centre' => [210, 0, 0]]);
        $keys = array_map(fn (array $one): string => $one['run'].'/'.$one['piece'], $told['sequence']);
        expect($keys)->toHaveCount(16)
            ->and(array_unique($keys))->toHaveCount(16)
            ->and($told['totalHeat'])->toEqualWithDelta(8 * 120 * 0.5, 1e-9)
            ->and($told['greatestImbalance']['z'])->toBeLessThan($told['asListed']['z']);
    });

    it('keeps off the piece before where it can', function () use ($ring): void {
        $told = Calculators::run('weld-sequence', ['runs' => $ring, 'centre' => [210, 0, 0]]);
        expect($told['tooNear'])->toBe(0);
        expect(Calculators::run('weld-sequence', ['runs' => [$ring[0]], 'leastDistance' => 150])['tooNear'])->toBe(1);
    });

    it('tacks both ends, then the middle, then what is between', function (): void {
        $tacks = Calculators::run('weld-sequence', ['seams' => [['length' => 500, 'thickness' => 5]]])['tacks'][0];
        expect($tacks['tackLength'])->toBe(20.0)
            ->and($tacks['count'])->toBe(5)
            ->and($tacks['centres'])->toEqualWithDelta([10.0, 490.0, 250.0, 130.0, 370.0], 1e-9);
    });

    it('is refused of what is no run', function (array $given, string $path): void {
        expect(fn () => Calculators::run('weld-sequence', $given))->toThrow(InvalidFields::class, $path);
    })->with([
        'nothing' => [[], 'runs'],
        'no length' => [['runs' => [['from' => [0, 0, 0], 'to' => [0, 0, 0], 'heat' => 1]]], 'runs[0].to'],
        'no heat' => [['runs' => [['from' => [0, 0, 0], 'to' => [9, 0, 0]]]], 'runs[0].heat'],
        'both' => [['runs' => [['from' => [0, 0, 0], 'to' => [9, 0, 0], 'heat' => 1, 'heatInput' => 1]]], 'runs[0].heat'],
        'short seam' => [['seams' => [['length' => 14, 'thickness' => 2]]], 'seams[0].length'],
        'endless' => [['runs' => [['from' => [0, 0, 0], 'to' => [9e5, 0, 0], 'heat' => 1]], 'longest' => 1], 'longest'],
    ]);
});

describe('distortion', function (): void {
    it('of a weld all along is Blodgett’s bow, in inches as in millimetres', function (): void {
        // 0.005 A d L² / I, each in its own inches: A 0.05 in², d 4 in, L 120 in, I 30 in⁴.
        $told = Calculators::run('distortion', ['length' => 120 * 25.4, 'inertia' => 30 * 25.4 ** 4, 'longitudinal' => [['area' => 0.05 * 25.4 ** 2, 'z' => 4 * 25.4]]]);
        expect($told['bow'] / 25.4)->toEqualWithDelta(0.005 * 0.05 * 4 * 120 ** 2 / 30, 1e-9);
    });

    it('adds up over parts, and turns round with the side of the weld', function (): void {
        $of = fn (array $welds): array => Calculators::run('distortion', ['length' => 1000, 'inertia' => 8e6, 'longitudinal' => $welds]);
        $weld = fn (float $from, float $to, float $z = 90): array => ['area' => 20, 'z' => $z, 'from' => $from, 'to' => $to];
        expect($of([$weld(0, 300), $weld(300, 1000)])['bow'])->toEqualWithDelta($of([$weld(0, 1000)])['bow'], 1e-12)
            ->and($of([$weld(0, 400, -90)])['bow'])->toEqualWithDelta(-$of([$weld(600, 1000)])['bow'], 1e-12)
            ->and($of([$weld(0, 1000), $weld(0, 1000, -90)])['bend'])->toEqualWithDelta(0.0, 1e-12);
    });

    it('of equal welds across shortens and does not kink', function (): void {
        $weld = fn (float $z, float $area): array => ['area' => $area, 'thickness' => 6, 'z' => $z, 'length' => 100];
        $even = Calculators::run('distortion', ['transverse' => [$weld(50, 30), $weld(-50, 30)]]);
        expect($even['lengthChange'])->toEqualWithDelta(-0.5, 1e-12)
            ->and($even['kink'])->toEqualWithDelta(0.0, 1e-12)
            ->and($even['bow'])->toBeNull();
        expect(Calculators::run('distortion', ['transverse' => [$weld(50, 60), $weld(-50, 30)]])['kink'])->toEqualWithDelta(rad2deg(0.5 / 100), 1e-9);
    });

    it('is refused of nothing, of a member without inertia, and of a weld behind its end', function (array $given, string $path): void {
        expect(fn () => Calculators::run('distortion', $given))->toThrow(InvalidFields::class, $path);
    })->with([
        'nothing' => [[], 'longitudinal'],
        'inertia' => [['length' => 900, 'longitudinal' => [['area' => 20, 'z' => 9]]], 'inertia'],
        'behind' => [['length' => 900, 'inertia' => 1e6, 'longitudinal' => [['area' => 20, 'z' => 9, 'from' => 500, 'to' => 901]]], 'longitudinal[0].to'],
        'factor' => [['factor' => 0, 'angular' => [['width' => 80, 'leg' => 5, 'thickness' => 6]]], 'factor'],
    ]);
});

describe('between passes', function (): void {
    $rail = ['thickness' => 6, 'width' => 300, 'now' => 120, 'limit' => 100, 'runs' => [['time' => 0, 'heat' => 40, 'from' => [-40, 150], 'to' => [40, 150]]]];

    it('keeps all its heat while none is lost, wherever it went', function () use ($rail): void {
        // Nearly no film: the mean over the width, summed along the rail, is the heat put in.
        $places = [];
        foreach (range(0, 39) as $i) {
            $places[] = ['at' => [($i % 20) * 50 - 475, $i < 20 ? 75 : 225]];
        }
        $told = Calculators::run('interpass', [...$rail, 'filmCoefficient' => 1e-6, 'now' => 600, 'places' => $places]);
        $rise = array_sum(array_map(fn (array $one): float => $one['temperature'] - 20, $told['places'])) / 2;
        expect($rise * 50 * 300 * 6 * 1e-9 * 7850 * 490 / 1000)->toEqualWithDelta(40.0, 0.4);
    });

    it('is as warm on the other side of the middle, and cools', function () use ($rail): void {
        $at = fn (float $now): array => array_column(Calculators::run('interpass', [...$rail, 'now' => $now, 'places' => [['at' => [60, 100]], ['at' => [-60, 200]], ['at' => [0, 150]]]])['places'], 'temperature');
        expect($at(120)[0])->toEqualWithDelta($at(120)[1], 1e-9)
            ->and($at(120)[2])->toBeGreaterThan($at(120)[0])
            ->and($at(600)[2])->toBeLessThan($at(120)[2]);
    });

    it('says when to go on: then it is at the limit', function () use ($rail): void {
        $there = ['places' => [['id' => 'weld', 'at' => [0, 150]]]];
        $goOn = Calculators::run('interpass', [...$rail, 'now' => 10, ...$there])['places'][0]['goOn'];
        expect($goOn)->toBeGreaterThan(10.0)
            ->and(Calculators::run('interpass', [...$rail, 'now' => $goOn, ...$there])['places'][0]['temperature'])->toEqualWithDelta(100.0, 0.001);
    });

    it('finds the last hot moment that a plain scan finds, also where heat is still on its way', function (array $at, float $limit): void {
        $given = ['thickness' => 6, 'width' => 300, 'now' => 300, 'limit' => $limit, 'runs' => [['time' => 0, 'heat' => 300, 'from' => [-40, 150], 'to' => [40, 150]], ['time' => 290, 'heat' => 200, 'from' => [200, 20], 'to' => [260, 20]]]];
        $goOn = Calculators::run('interpass', [...$given, 'places' => [['at' => $at]]])['places'][0]['goOn'];
        $last = null;
        for ($time = 300; $time <= 4000; $time += 10) {
            // A wait of nothing at another "now" tells whether the place is cool from then on.
            $last = Calculators::run('interpass', [...$given, 'now' => $time, 'limit' => 400, 'places' => [['at' => $at]]])['places'][0]['temperature'] > $limit ? $time : $last;
        }
        expect($goOn)->toBeGreaterThanOrEqual($last ?? 300.0)->toBeLessThanOrEqual(($last ?? 290.0) + 10.0);
    })->with([[[0, 150], 100.0], [[120, 150], 60.0], [[330, 40], 50.0], [[900, 150], 40.0]]);

    it('is scaled by a reading, and refuses one that is far from what may be', function () use ($rail): void {
        $there = ['places' => [['id' => 'weld', 'at' => [0, 150]]]];
        $plain = Calculators::run('interpass', [...$rail, ...$there])['places'][0]['temperature'];
        $read = fn (float $temperature): array => Calculators::run('interpass', [...$rail, ...$there, 'reading' => ['at' => [0, 150], 'time' => 120, 'temperature' => $temperature]]);
        expect($read(20 + 1.5 * ($plain - 20))['factor'])->toEqualWithDelta(1.5, 1e-9)
            ->and($read(90)['places'][0]['temperature'])->toEqualWithDelta(90.0, 1e-9)
            ->and(fn () => $read(20 + 4 * ($plain - 20)))->toThrow(InvalidFields::class, 'reading.temperature');
    });

    it('is refused off the strip, ahead of time, and below what is around it', function (array $change, string $path) use ($rail): void {
        expect(fn () => Calculators::run('interpass', [...$rail, 'places' => [['at' => [0, 150]]], ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'off' => [['places' => [['at' => [0, 301]]]], 'places[0].at'],
        'later' => [['now' => -1], 'now'],
        'limit' => [['limit' => 20], 'limit'],
        'reading far off' => [['reading' => ['at' => [4000, 150], 'time' => 60, 'temperature' => 60]], 'reading'],
    ]);
});
