<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

describe('the frame as a beam', function () {
    $truck = [
        'supports' => [['id' => 'front', 'station' => 0, 'hangers' => [-500, 500]], ['id' => 'rear', 'station' => 3600, 'hangers' => [3000, 4200]]],
        'masses' => [['name' => 'engine', 'station' => 100, 'mass' => 900]],
        'spreads' => [['name' => 'load', 'from' => 1600, 'to' => 5000, 'mass' => 2600]],
        'stations' => [800, 1400, 2200, 5000],
        'section' => ['Iy' => 11_228_416, 'sectionModulus' => ['top' => 112_284, 'bottom' => 112_284]],
    ];

    it('carries all there is, wherever the frame is counted from', function () use ($truck) {
        $result = Calculators::run('beam', $truck);
        $shifted = $truck;
        $shifted['supports'] = [['station' => 1000, 'hangers' => [500, 1500]], ['station' => 4600, 'hangers' => [4000, 5200]]];
        [$shifted['masses'][0]['station'], $shifted['spreads'][0]['from'], $shifted['spreads'][0]['to'], $shifted['stations']] = [1100, 2600, 6000, [1800, 2400, 3200, 6000]];
        $other = Calculators::run('beam', $shifted);
        expect($result['reactions'][0]['mass'] + $result['reactions'][1]['mass'])->toEqualWithDelta(3500.0, 1e-9)
            ->and(array_column($other['stations'], 'moment'))->toEqualWithDelta(array_column($result['stations'], 'moment'), 1e-6)
            ->and(array_column($other['stations'], 'deflection'))->toEqualWithDelta(array_column($result['stations'], 'deflection'), 1e-9)
            ->and($other['bendingFrequency'])->toEqualWithDelta($result['bendingFrequency'], 1e-9)
            ->and($result['stations'][3]['moment'])->toEqualWithDelta(0.0, 1e-6);
    });

    it('bends as a simple beam with a load in the middle does', function () {
        $result = Calculators::run('beam', [
            'supports' => [['station' => 0], ['station' => 2000]],
            'masses' => [['station' => 1000, 'mass' => 1000 / 9.80665]],
            'stations' => [1000],
            'section' => ['Iy' => 1e6, 'sectionModulus' => ['top' => 1e4, 'bottom' => 2e4], 'railShare' => 1], 'dynamicFactor' => 2,
        ]);
        expect($result['greatestMoment'])->toEqualWithDelta(['moment' => 500.0, 'station' => 1000.0], 1e-9)
            ->and($result['stations'][0]['deflection'])->toEqualWithDelta(-1000 * 2000 ** 3 / (48 * 210_000 * 1e6), 1e-9)
            ->and($result['stations'][0]['stressTop'])->toEqualWithDelta(-2 * 500_000 / 1e4, 1e-9)
            ->and($result['greatestStress']['stress'])->toEqualWithDelta(100.0, 1e-9);
    });

    it('says that the front lifts when all weight hangs behind', function () {
        expect(Calculators::run('beam', ['supports' => [['station' => 0], ['station' => 3000]], 'masses' => [['station' => 4000, 'mass' => 300]]])['reactions'][0])->toMatchArray(['uplift' => true]);
    });

    it('holds with a moving mass what it holds with that mass standing still', function () use ($truck) {
        $moving = Calculators::run('beam', [...$truck, 'moving' => ['mass' => 1500, 'from' => 1600, 'to' => 4900, 'steps' => 3]])['envelope'];
        $there = Calculators::run('beam', [...$truck, 'masses' => [...$truck['masses'], ['station' => 4900, 'mass' => 1500]]]);
        expect($moving['reactions'][1]['greatest'])->toEqualWithDelta($there['reactions'][1]['force'], 1e-6)
            ->and($moving['stations'][1]['least'])->toBeLessThanOrEqual($there['stations'][1]['moment'] + 1e-9);
    });

    it('refuses', function (array $change, string $says) use ($truck) {
        expect(fn () => Calculators::run('beam', [...$truck, ...$change]))->toThrow(InvalidFields::class, $says);
    })->with([
        'axles in the wrong order' => [['supports' => [['station' => 3600], ['station' => 0]]], 'the front axle comes first'],
        'an axle outside its hangers' => [['supports' => [['station' => 0, 'hangers' => [100, 500]], ['station' => 3600]]], 'supports[0].hangers: one hanger stands before'],
        'a load of no length' => [['spreads' => [['from' => 2000, 'to' => 2000, 'mass' => 5]]], 'spreads[0].to'],
        'nothing to carry' => [['masses' => [], 'spreads' => []], 'give at least one mass'],
        'a mass that moves nowhere' => [['moving' => ['mass' => 5, 'from' => 9, 'to' => 9]], 'moving.to'],
        'a third axle' => [['supports' => [['station' => 0], ['station' => 1], ['station' => 2]]], 'takes from 2 to 2'],
    ]);
});

describe('half a frame on posts', function () {
    $half = ['mass' => 640, 'centre' => 1450, 'supports' => [['station' => 300], ['station' => 1900]]];

    it('tips with just the mass that it says', function () use ($half) {
        $mass = Calculators::run('posts', [...$half, 'ends' => [-600, 2600]])['tippingMass'];
        $just = fn (float $more): array => Calculators::run('posts', [...$half, 'ends' => [-600, 2600], 'personMass' => $mass[1] + $more])['cases'][2];
        expect($just(-0.001)['tips'])->toBeFalse()
            ->and($just(0.001))->toMatchArray(['tips' => true, 'tipsAbout' => 's2']);
    });

    it('counts an end between the stations as one that tips nothing, and an empty half that tips as tipped', function () use ($half) {
        expect(Calculators::run('posts', [...$half, 'ends' => [400, 2600]])['tippingMass'][0])->toBeNull()
            ->and(Calculators::run('posts', [...$half, 'centre' => 2000, 'ends' => [-600, 2600]]))->toMatchArray(['tips' => true, 'steady' => false, 'tippingMass' => [0.0, 0.0]]);
    });

    it('lets a short post yield and a long one buckle, box or tube', function (array $section) use ($half) {
        $post = fn (float $height): array => Calculators::run('posts', [...$half, 'posts' => ['section' => $section, 'height' => $height]])['posts'];
        expect($post(150)['governs'])->toBe('yield')
            ->and($post(1500)['governs'])->toBe('buckling')
            ->and($post(1500)['critical'])->toEqualWithDelta($post(750)['critical'] / 4, 1e-6);
    })->with([
        [['kind' => 'box', 'width' => 40, 'depth' => 40, 'wall' => 3]],
        [['kind' => 'tube', 'diameter' => 48, 'wall' => 3]],
    ]);

    it('takes a solid bar for a post', function () use ($half) {
        expect(Calculators::run('posts', [...$half, 'posts' => ['section' => ['kind' => 'tube', 'diameter' => 40, 'wall' => 20], 'height' => 500]])['posts']['area'])->toEqualWithDelta(M_PI * 400, 1e-9);
    });

    it('refuses', function (array $change, string $says) use ($half) {
        expect(fn () => Calculators::run('posts', [...$half, ...$change]))->toThrow(InvalidFields::class, $says);
    })->with([
        'stations in the wrong order' => [['supports' => [['station' => 9], ['station' => 3]]], 'the front station comes first'],
        'ends too' => [['ends' => [9, 3]], 'the front end comes first'],
        'less than a post\'s part' => [['posts' => ['section' => ['kind' => 'tube', 'diameter' => 48, 'wall' => 3], 'height' => 500, 'loadedShare' => 0.4]], 'posts.loadedShare: from 0.5 to 1'],
        'a box by its diameter' => [['posts' => ['section' => ['kind' => 'box', 'width' => 40, 'depth' => 40, 'diameter' => 40, 'wall' => 3], 'height' => 500]], 'belongs to the other shape'],
        'a tube without one' => [['posts' => ['section' => ['kind' => 'tube', 'wall' => 3], 'height' => 500]], 'posts.section.diameter: missing'],
        'more wall than post' => [['posts' => ['section' => ['kind' => 'tube', 'diameter' => 5, 'wall' => 3], 'height' => 500]], 'more than half the post'],
    ]);
});

describe('bolts, plugs and welds off their centre', function () {
    $plugs = array_map(fn (int $i): array => ['kind' => 'plug', 'at' => [$i % 4 * 80, intdiv($i, 4) * 45], 'diameter' => 16], range(0, 7));

    it('hand on just the force and the moment that is put on them, wherever the axes are', function () use ($plugs) {
        $given = ['fasteners' => $plugs, 'force' => [500, 3000], 'at' => [220, 60], 'moment' => 200, 'allowable' => 145];
        $result = Calculators::run('fasteners', $given);
        $moved = Calculators::run('fasteners', [...$given, 'at' => [1220, -440], 'fasteners' => array_map(fn (array $one): array => [...$one, 'at' => [$one['at'][0] + 1000, $one['at'][1] - 500]], $plugs)]);
        $moment = array_sum(array_map(fn (array $one, array $is): float => $one['at'][0] * $is['force'][1] - $one['at'][1] * $is['force'][0], $plugs, $result['fasteners']));
        expect(array_sum(array_map(fn (array $one): float => $one['force'][1], $result['fasteners'])))->toEqualWithDelta(3000.0, 1e-6)
            ->and($moment)->toEqualWithDelta(220 * 3000 - 60 * 500 + 200_000, 1e-3)
            ->and($moved['worst'])->toMatchArray(['id' => $result['worst']['id']])->and($moved['worst']['stress'])->toEqualWithDelta($result['worst']['stress'], 1e-9);
    });

    it('share by area with a weld line, which is worst at an end', function () use ($plugs) {
        $result = Calculators::run('fasteners', ['fasteners' => [$plugs[0]], 'welds' => [['from' => [0, 50], 'to' => [100, 50], 'throat' => 3]], 'force' => [0, 1000], 'at' => [300, 0], 'allowable' => 145, 'weldAllowable' => 140]);
        expect($result['welds'][0]['stress'])->toBe(max($result['welds'][0]['fromStress'], $result['welds'][0]['toStress']))
            ->and($result['fasteners'][0]['force'][1] + $result['welds'][0]['force'][1])->toEqualWithDelta(1000.0, 1e-9);
    });

    it('lets one bolt carry a force through it and no moment', function () {
        $one = ['fasteners' => [['at' => [10, 20], 'diameter' => 12]], 'force' => [0, 100], 'allowable' => 90];
        expect(Calculators::run('fasteners', [...$one, 'at' => [10, 500]])['fasteners'][0]['magnitude'])->toEqualWithDelta(100.0, 1e-9)
            ->and(fn () => Calculators::run('fasteners', [...$one, 'at' => [11, 20]]))->toThrow(InvalidFields::class, 'does not hold a moment');
    });

    it('refuses', function (array $given, string $says) {
        expect(fn () => Calculators::run('fasteners', ['force' => [0, 1], 'at' => [0, 0], 'allowable' => 90, ...$given]))->toThrow(InvalidFields::class, $says);
    })->with([
        'nothing' => [[], 'give at least one'],
        'bolts with plugs' => [['fasteners' => [['at' => [0, 0], 'diameter' => 9], ['kind' => 'plug', 'at' => [9, 0], 'diameter' => 9]]], 'fasteners[1].kind'],
        'bolts with welds' => [['fasteners' => [['at' => [0, 0], 'diameter' => 9]], 'welds' => [['from' => [0, 0], 'to' => [9, 0], 'throat' => 3]], 'weldAllowable' => 9], 'welds: bolts do not share'],
        'a weld of no length' => [['welds' => [['from' => [9, 0], 'to' => [9, 0], 'throat' => 3]], 'weldAllowable' => 9], 'a weld has a length'],
        'an id of both' => [['fasteners' => [['id' => 'a', 'kind' => 'plug', 'at' => [0, 0], 'diameter' => 9]], 'welds' => [['id' => 'a', 'from' => [0, 0], 'to' => [9, 0], 'throat' => 3]], 'weldAllowable' => 9], 'is a fastener already'],
        'no allowable' => [['welds' => [['from' => [0, 0], 'to' => [9, 0], 'throat' => 3]]], 'weldAllowable: missing'],
    ]);
});
