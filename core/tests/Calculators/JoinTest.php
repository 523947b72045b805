<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

describe('a splice', function () {
    $rail = ['section' => ['kind' => 'channel', 'depth' => 200, 'width' => 70, 'thickness' => 6], 'yield' => 355, 'steel' => 'mild'];
    $plate = fn (array $more = []): array => [
        'id' => 'plate', 'kind' => 'webPlate', 'section' => ['kind' => 'upright', 'depth' => 170, 'thickness' => 6],
        'each' => ['length' => 300, 'plugs' => ['diameter' => 16, 'positions' => [[60, -60], [60, 60], [200, -60], [200, 60]]]], ...$more,
    ];
    $given = ['rail' => $rail, 'moment' => 9000, 'shear' => 6000, 'dynamicFactor' => 1];

    it('shares the whole moment among what crosses', function () use ($given, $plate) {
        $joint = Calculators::run('splice', [...$given, 'buttEfficiency' => 0.6, 'parts' => [$plate()]])['joint'];
        expect(array_sum(array_column($joint['parts'], 'momentShare')))->toEqualWithDelta(1.0, 1e-9)
            ->and(array_column($joint['parts'], 'id'))->toBe(['plate', 'butt'])
            ->and($joint['parts'][1]['developedShare'])->toBe(0.6);
    });

    it('is as strong as the rail with a butt that counts whole, and nothing else', function () use ($given) {
        $result = Calculators::run('splice', [...$given, 'buttEfficiency' => 1]);
        expect($result['joint']['ratioToRail'])->toEqualWithDelta(1.0, 1e-12)
            ->and($result['massAdded'])->toEqual(0)
            ->and($result['governing']['part'])->toBe('butt');
    });

    it('tells a fastening that is not enough, instead of mending it silently', function () use ($given, $plate) {
        $strong = $plate(['id' => 'liner', 'kind' => 'sleeve', 'section' => ['kind' => 'channel', 'depth' => 187, 'width' => 60, 'thickness' => 5]]);
        $weak = $plate(['each' => ['length' => 300, 'plugs' => ['diameter' => 6, 'positions' => [[20, -9], [20, 9]]]]]);
        $result = Calculators::run('splice', [...$given, 'parts' => [$strong, $weak]]);
        expect($result['joint']['parts'][1]['developedShare'])->toBeLessThan(1.0)->and($result['holds'])->toBeFalse()->and($result['governing'])->toMatchArray(['place' => 'development', 'part' => 'plate'])
            ->and($result['development'][2]['fullShareUtilisation'])->toBeGreaterThan(1.0);
    });

    it('is the same turned about, with front and rear and the shear changed over', function () use ($given, $plate) {
        $sided = [...$plate(), 'front' => ['length' => 200, 'fillets' => [['leg' => 5, 'from' => [20, 85], 'to' => [180, 85]]]], 'rear' => $plate()['each']];
        unset($sided['each']);
        $turned = [...$sided, 'front' => $sided['rear'], 'rear' => $sided['front']];
        $there = Calculators::run('splice', [...$given, 'parts' => [$sided]]);
        $back = Calculators::run('splice', [...$given, 'shear' => -6000, 'parts' => [$turned]]);
        expect($back['governing']['utilisation'])->toEqualWithDelta($there['governing']['utilisation'], 1e-9)
            ->and($back['development'][1]['utilisation'])->toEqualWithDelta($there['development'][0]['utilisation'], 1e-9);
    });

    it('counts the holes where a plate ends, and no others', function () use ($given, $rail, $plate) {
        $ends = fn (float $x): array => Calculators::run('splice', [...$given, 'rail' => [...$rail, 'holes' => [['x' => $x, 'z' => 97, 'diameter' => 14, 'thickness' => 6, 'face' => 'flange']]], 'parts' => [$plate()]])['railAtPlateEnds'];
        expect($ends(314)[1]['inertiaLoss'])->toEqualWithDelta(0.0735, 1e-4)
            ->and($ends(314)[0]['inertiaLoss'])->toEqual(0)
            ->and($ends(315)[1]['inertiaLoss'])->toEqual(0);
    });

    it('judges flange plates by number as by place, and an insert alone', function () use ($given) {
        $flange = fn (array $plugs): array => ['kind' => 'flangePlate', 'section' => ['kind' => 'flat', 'width' => 60, 'thickness' => 6, 'z' => 103], 'each' => ['length' => 200, 'plugs' => ['diameter' => 14, ...$plugs]]];
        $of = fn (array $plugs): array => Calculators::run('splice', [...$given, 'buttEfficiency' => 1, 'parts' => [$flange($plugs)], 'insert' => ['section' => ['kind' => 'box', 'depth' => 200, 'width' => 70, 'thickness' => 5], 'yield' => 275, 'x' => 330]]);
        expect($of(['positions' => [[50, 0], [150, 0]]])['development'][0]['utilisation'])->toEqualWithDelta($of(['number' => 2])['development'][0]['utilisation'], 1e-12)
            ->and($of(['number' => 2])['insert']['moment'])->toEqualWithDelta(9000 + 6 * 330, 1e-9);
    });

    it('gives no ratio where there is no moment', function () use ($given, $plate) {
        expect(Calculators::run('splice', [...$given, 'moment' => 0, 'parts' => [$plate()]])['joint'])->toMatchArray(['modulus' => null, 'ratioToRail' => null]);
    });

    it('refuses', function (array $change, array $part, string $says) use ($given, $rail, $plate) {
        $change = array_replace_recursive(['rail' => $rail], $change);
        expect(fn () => Calculators::run('splice', [...$given, ...$change, 'parts' => $part === [] ? [] : [array_filter($plate($part), fn ($one) => $one !== null)]]))->toThrow(InvalidFields::class, $says);
    })->with([
        'heat-treated steel' => [['rail' => ['steel' => 'heatTreated']], ['id' => 'p'], 'not welded'],
        'nothing across' => [[], [], 'nothing crosses the joint'],
        'a part called butt' => [[], ['id' => 'butt'], 'is the weld itself'],
        'a channel on a flange' => [[], ['kind' => 'flangePlate', 'section' => ['kind' => 'channel', 'depth' => 50, 'width' => 50, 'thickness' => 5]], 'is flat, or strips'],
        'a number on a web' => [[], ['each' => ['length' => 9, 'plugs' => ['diameter' => 9, 'number' => 2]]], 'only flange plates go by number'],
        'nothing that holds' => [[], ['each' => ['length' => 9]], 'nothing holds it here'],
        'a place off the part' => [[], ['each' => ['length' => 50, 'plugs' => ['diameter' => 9, 'positions' => [[60, 0], [20, 0]]]]], 'positions[0]: lies off the part'],
        'a plug in the joint' => [[], ['each' => ['length' => 50, 'plugs' => ['diameter' => 9, 'positions' => [[0, 0]]]]], 'lies off the part'],
        'one plug' => [[], ['each' => ['length' => 50, 'plugs' => ['diameter' => 9, 'positions' => [[20, 0]]]]], 'one plug does not hold a moment'],
        'each and front' => [[], ['front' => ['length' => 50, 'plugs' => ['diameter' => 9, 'positions' => [[20, 0]]]]], 'give each side alike'],
        'half a fillet' => [[], ['each' => ['length' => 50, 'fillets' => [['leg' => 5, 'from' => [1, 1]]]]], 'fillets[0].to: missing'],
        'a hole beyond the rail' => [['rail' => ['holes' => [['x' => 0, 'z' => 95, 'diameter' => 14, 'thickness' => 6]]]], ['id' => 'p'], 'beyond the outline'],
        'walls that fill it' => [[], ['section' => ['kind' => 'box', 'depth' => 50, 'width' => 12, 'thickness' => 6]], 'the walls fill the section'],
        'a key of another shape' => [[], ['section' => ['kind' => 'upright', 'depth' => 50, 'thickness' => 6, 'width' => 9]], 'does not belong to upright'],
    ]);
});

describe('brackets past obstacles', function () {
    $set = [
        'brackets' => [['station' => 500, 'foot' => 80], ['station' => 1200, 'foot' => 80], ['station' => 1900, 'foot' => 80]],
        'obstacles' => [['from' => 470, 'to' => 540], ['from' => 1230, 'to' => 1300], ['from' => 1700, 'to' => 1840]], 'clearance' => 10, 'maxMove' => 60, 'maxShift' => 100,
    ];

    it('is never worse than any shift on a grid of 1 mm', function () use ($set) {
        $best = Calculators::run('bracket-fit', $set);
        for ($by = -100; $by <= 100; $by++) {
            $there = Calculators::run('bracket-fit', [...$set, 'maxShift' => 0, 'brackets' => array_map(fn (array $one): array => [...$one, 'station' => $one['station'] + $by], $set['brackets'])]);
            expect([count($best['unplaced']), $best['cost']] <= [count($there['unplaced']), $there['cost'] + 1e-9])->toBeTrue("shifted by $by");
        }
    });

    it('stands every foot clear: touching is enough', function () use ($set) {
        foreach (Calculators::run('bracket-fit', $set)['brackets'] as $bracket) {
            foreach ($set['obstacles'] as ['from' => $from, 'to' => $to]) {
                expect(max($from - $bracket['station'], $bracket['station'] - $to))->toBeGreaterThanOrEqual(50 - 1e-9);
            }
        }
    });

    it('goes forward where both ways are as far, minds the side, and tells what a foot that stays out would need', function () use ($set) {
        $one = ['brackets' => [['id' => 'A', 'station' => 500, 'foot' => 80, 'side' => 'left']], 'maxMove' => 60];
        $with = fn (string $side, float $by = 10): array => Calculators::run('bracket-fit', [...$one, 'obstacles' => [['from' => 500 - $by, 'to' => 500 + $by, 'side' => $side]]])['brackets'][0];
        expect($with('both')['move'])->toBe(-50.0)->and($with('right')['move'])->toBe(0.0)->and($with('left', 30))->toMatchArray(['placed' => false, 'station' => null, 'needed' => 70.0])
            ->and(Calculators::run('bracket-fit', [...$one, 'railFrom' => 480, 'railTo' => 530])['brackets'][0]['needed'])->toBeNull()
            ->and(Calculators::run('bracket-fit', [...$set, 'brackets' => [['station' => 100, 'foot' => 80], ['station' => 170, 'foot' => 80]]])['overlaps'])->toBe([['b1', 'b2']]);
    });

    it('refuses', function (array $change, string $says) use ($set) {
        expect(fn () => Calculators::run('bracket-fit', [...$set, ...$change]))->toThrow(InvalidFields::class, $says);
    })->with([
        'an obstacle backwards' => [['obstacles' => [['from' => 9, 'to' => 3]]], 'obstacles[0].to'],
        'a rail backwards' => [['railFrom' => 9, 'railTo' => 3], 'railTo: has to lie behind'],
        'a name twice' => [['brackets' => [['id' => 'A', 'station' => 1, 'foot' => 1], ['id' => 'A', 'station' => 2, 'foot' => 1]]], '“A” is used twice'],
        'no foot' => [['brackets' => [['station' => 1, 'foot' => 0]]], 'more than 0'],
        'more than can be tried in a moment' => [['brackets' => array_fill(0, 61, ['station' => 1, 'foot' => 9])], 'takes from 1 to 60'],
    ]);
});

describe('body mounts', function () {
    it('spreads evenly where nothing is in the way', function () {
        $free = Calculators::run('body-mounts', ['fixed' => [300, 3700, 4600], 'maxPitch' => 950]);
        expect(array_column($free['mounts'], 'station'))->toEqualWithDelta([300, 1150, 2000, 2850, 3700, 4600], 1e-9)->and(array_sum(array_column($free['mounts'], 'share')))->toEqualWithDelta(1.0, 1e-12)
            ->and($free)->toMatchArray(['lift' => null, 'largestShim' => null]);
    });

    it('never has fewer than can be, keeps the pitch, clears all and shims to a line', function (int $seed) {
        mt_srand($seed);
        $obstacles = array_map(fn (): array => ['from' => $at = mt_rand(400, 3500), 'to' => $at + mt_rand(10, 120)], range(1, 4));
        $result = Calculators::run('body-mounts', ['fixed' => [300, 3700], 'maxPitch' => 800, 'foot' => 90, 'clearance' => 15, 'obstacles' => $obstacles, 'railHeights' => [['x' => 0, 'height' => 600 + mt_rand(0, 9)], ['x' => 2000, 'height' => 610], ['x' => 4000, 'height' => 605]], 'minimumShim' => 3]);
        expect($result['bays'][0]['added'])->toBeGreaterThanOrEqual($result['bays'][0]['fewest'])->and($result['bays'][0]['largestGap'])->toBeLessThanOrEqual(800.000001)
            ->and(min(array_column($result['mounts'], 'shim')))->toEqualWithDelta(3.0, 1e-9);
        $tops = array_map(fn (array $one): float => $one['railHeight'] + $one['shim'], $result['mounts']);
        foreach ($result['mounts'] as $i => $mount) {
            expect($tops[$i])->toEqualWithDelta($tops[0] + (end($tops) - $tops[0]) * ($mount['station'] - 300) / 3400, 1e-9);
            foreach ($mount['fixed'] ? [] : $obstacles as $one) {
                expect(max($one['from'] - $mount['station'], $mount['station'] - $one['to']))->toBeGreaterThanOrEqual(60 - 1e-6);
            }
        }
    })->with([1, 2, 3, 5, 8, 13]);

    it('refuses', function (array $change, string $says) {
        expect(fn () => Calculators::run('body-mounts', ['fixed' => [300, 3700], 'maxPitch' => 950, ...$change]))->toThrow(InvalidFields::class, $says);
    })->with([
        'mounts out of order' => [['fixed' => [3700, 300]], 'fixed[1]: has to lie behind'],
        'readings that stop short' => [['railHeights' => [['x' => 400, 'height' => 1], ['x' => 4000, 'height' => 1]]], 'reach both outer mounts'],
        'a bay with no clear place' => [['obstacles' => [['from' => 400, 'to' => 3600]]], 'no layout'],
        'hundreds of mounts' => [['maxPitch' => 1], 'more than 200'],
        'heights out of order' => [['railHeights' => [['x' => 400, 'height' => 1], ['x' => 0, 'height' => 1]]], 'railHeights[1].x'],
    ]);
});

describe('the loose half', function () {
    $front = [['id' => 'F1L', 'at' => [1800, -410, 300]], ['id' => 'F1R', 'at' => [1800, 410, 300]]];
    $rear = [['id' => 'R1L', 'at' => [2500, -410, 300]], ['id' => 'R1R', 'at' => [2500, 410, 300]], ['id' => 'R2L', 'at' => [3600, -400, 340]], ['id' => 'R2R', 'at' => [3600, 400, 340]]];
    $places = array_column([...$front, ...$rear], 'at', 'id');
    $tram = fn (array $at, string $from, string $to): array => ['kind' => 'tram', 'from' => $from, 'to' => $to, 'value' => sqrt(array_sum(array_map(fn ($a, $b) => ($a - $b) ** 2, $at[$from], $at[$to])))];
    $read = fn (array $at): array => [
        $tram($at, 'F1L', 'R1L'), $tram($at, 'F1R', 'R1R'), $tram($at, 'F1L', 'R1R'), $tram($at, 'F1R', 'R1L'), $tram($at, 'F1R', 'R2L'),
        ...array_map(fn (string $id): array => ['kind' => 'height', 'point' => $id, 'value' => $at[$id][2]], ['R1L', 'R1R', 'R2L']),
    ];

    it('stands right when it is read so', function () use ($front, $rear, $places, $read) {
        $result = Calculators::run('spread', ['front' => $front, 'rear' => $rear, 'readings' => $read($places)]);
        expect(max(array_map(abs(...), [...$result['shift'], ...array_values($result['turn'])])))->toBeLessThan(1e-6)
            ->and($result['redundancy'])->toBe(2);
    });

    it('comes back to its plan by the moves it names', function () use ($front, $rear, $places, $read) {
        $moved = $places;
        foreach (['R1L', 'R1R', 'R2L', 'R2R'] as $id) {
            [$x, $y, $z] = [$places[$id][0] - 3050, $places[$id][1], $places[$id][2]];
            [$cos, $sin] = [cos(deg2rad(1.5)), sin(deg2rad(1.5))];
            $moved[$id] = [3050 + 6 + $x * $cos - $y * $sin, -4 + $x * $sin + $y * $cos, $z + 5];
        }
        $result = Calculators::run('spread', ['front' => $front, 'rear' => $rear, 'readings' => $read($moved)]);
        [$turn, $heights, $sideways, $gap] = $result['moves'];
        expect($result['turn']['yaw'])->toEqualWithDelta(1.5, 1e-6)
            ->and($turn['angle'])->toEqualWithDelta(-1.5, 1e-6);
        foreach ($result['places'] as $i => $now) {
            expect([$now['at'][0] + $turn['corners'][$i]['change'][0] + $gap['amount'], $now['at'][1] + $turn['corners'][$i]['change'][1] + $sideways['amount'], $now['at'][2] + $heights['corners'][$i]['change']])
                ->toEqualWithDelta(array_map(floatval(...), $places[$now['id']]), 1e-6);
        }
    });

    it('refuses', function (array $change, string $says) use ($front, $rear, $places, $read) {
        expect(fn () => Calculators::run('spread', [...['front' => $front, 'rear' => $rear, 'readings' => $read($places)], ...$change]))->toThrow(InvalidFields::class, $says);
    })->with([
        'five readings' => [['readings' => array_fill(0, 5, ['kind' => 'height', 'point' => 'R1L', 'value' => 300])], '5 entries'],
        'heights alone' => [['readings' => array_fill(0, 6, ['kind' => 'height', 'point' => 'R1L', 'value' => 300])], 'do not fix all six'],
        'a tram on the loose half' => [['readings' => array_fill(0, 6, ['kind' => 'tram', 'from' => 'R1L', 'to' => 'R1R', 'value' => 820])], 'readings[0]: both ends stand on the loose half'],
        'the held half alone' => [['readings' => array_fill(0, 6, ['kind' => 'rise', 'from' => 'F1L', 'to' => 'F1R', 'value' => 0])], 'stands on the held half alone'],
        'a point that is not there' => [['readings' => array_fill(0, 6, ['kind' => 'height', 'point' => 'X', 'value' => 300])], '“X” is not a point of either half'],
        'an end too many' => [['readings' => array_fill(0, 6, ['kind' => 'height', 'point' => 'R1L', 'to' => 'R1R', 'value' => 300])], 'readings[0].to: is not a point of this kind'],
        'a name on both halves' => [['front' => [['id' => 'R1L', 'at' => [0, 0, 0]]]], 'rear[0].id: “R1L” is there twice'],
        'a corner of the held half' => [['corners' => ['F1L']], 'corners[0]'],
        'one point with itself' => [['readings' => array_fill(0, 6, ['kind' => 'plan', 'from' => 'R1L', 'to' => 'R1L', 'value' => 9])], 'both ends are the same point'],
    ]);
});
