<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

describe('a kick, an arch, a new end', function () {
    it('comes level again, as far up as asked', function (string $direction, int $way) {
        $arch = Calculators::run('kick', ['kind' => 'arch', 'depth' => 120, 'rootGap' => 2, 'direction' => $direction, 'height' => 140, 'angle' => 30, 'angleAfter' => 45, 'topLength' => 420]);
        expect(array_sum(array_column($arch['joints'], 'bend')))->toEqualWithDelta(0.0, 1e-9)->and($arch['joints'][1]['z'])->toEqualWithDelta($way * 140.0, 1e-9)->and($arch['rise'])->toEqualWithDelta(0.0, 1e-9)
            ->and($arch['pieces'][0]['slope'])->toEqualWithDelta($way * 30.0, 1e-9)->and($arch['pieces'][1]['top'] - $arch['pieces'][1]['bottom'])->toEqualWithDelta($way * 120 * (tan(deg2rad(15)) + tan(deg2rad(22.5))), 1e-6);
    })->with([['up', 1], ['down', -1]]);

    it('is the straight piece where the old ends lie in line', function () {
        $straight = Calculators::run('kick', ['kind' => 'replace', 'depth' => 100, 'rootGap' => 3, 'from' => ['x' => 0, 'z' => 0, 'slope' => 45], 'to' => ['x' => 500, 'z' => 500, 'slope' => 45]]);
        expect($straight['pieces'][0])->toMatchArray(['mitreStart' => 0.0, 'mitreEnd' => 0.0])->and($straight['pieces'][0]['top'])->toEqualWithDelta(500 * M_SQRT2 - 3, 1e-9)
            ->and($straight['joints'][0]['railEnd'])->toEqualWithDelta(['centre' => -1.5, 'top' => -1.5, 'bottom' => -1.5], 1e-9);
    });

    it('refuses', function (array $given, string $says) {
        expect(fn () => Calculators::run('kick', ['kind' => 'kick', 'depth' => 120, ...$given]))->toThrow(InvalidFields::class, $says);
    })->with([
        'a key of another kind' => [['height' => 90, 'angle' => 20, 'topLength' => 5], 'topLength: does not belong to a kick'],
        'no height' => [['angle' => 20], 'height: missing'],
        'no angle at all' => [['height' => 90, 'angle' => 0], 'a leg without an angle'],
        'an edge that is gone' => [['height' => 20, 'angle' => 80, 'rootGap' => 30], 'before its edge has any length'],
        'an end ahead of the other' => [['kind' => 'replace', 'from' => ['x' => 9, 'z' => 0], 'to' => ['x' => 1, 'z' => 0]], 'to.x: has to lie behind'],
        'a bend too sharp' => [['kind' => 'replace', 'from' => ['x' => 0, 'z' => 0, 'slope' => -60], 'to' => ['x' => 100, 'z' => 90]], 'sharper than can be mitred'],
    ]);
});

describe('a cut on a slope', function () {
    it('fits as it was when a straight band is taken out along the rail, and moves it level where it lies level', function () {
        $straight = Calculators::run('slope', ['operation' => 'shorten', 'amount' => 400, 'slope' => 9, 'wheelbase' => 3000]);
        $level = Calculators::run('slope', ['operation' => 'stretch', 'amount' => 300, 'slope' => 0, 'wheelbase' => 3000]);
        expect($straight['mismatch']['right'])->toEqualWithDelta(['y' => 0.0, 'z' => 0.0], 1e-9)->and($straight['railLength'])->toEqualWithDelta(400.0, 1e-9)->and($straight['attitude'])->toBeLessThan(0.0)
            ->and($level)->toMatchArray(['wheelbaseAfter' => 3300.0, 'attitude' => 0.0]);
    });

    it('stretches by what the same shorten takes back', function (string $measured) {
        $given = ['amount' => 250, 'slope' => 7, 'taper' => 3, 'measured' => $measured, 'frameWidth' => 800];
        [$stretch, $shorten] = [Calculators::run('slope', ['operation' => 'stretch', ...$given]), Calculators::run('slope', ['operation' => 'shorten', ...$given])];
        expect($stretch['shift']['x'])->toEqualWithDelta(-$shorten['shift']['x'], 1e-9)->and($stretch['shift']['z'])->toEqualWithDelta(-$shorten['shift']['z'], 1e-9)
            ->and($stretch['mismatch']['right']['y'])->toEqualWithDelta(-$shorten['mismatch']['right']['y'], 1e-9);
    })->with(['rail', 'level']);

    it('leaves no step where the rear part is moved to match, and tells the levelling block', function () {
        $given = ['operation' => 'shorten', 'amount' => 400, 'measured' => 'level', 'slope' => 3, 'slopeRear' => 5, 'wheelbase' => 3900];
        $match = Calculators::run('slope', [...$given, 'move' => 'match']);
        expect($match['mismatch']['right']['z'])->toBe(0.0)->and($match['levellingBlock'])->toBe($match['rise'])
            ->and(Calculators::run('slope', [...$given, 'move' => 'level'])['attitude'])->toBe(0.0)
            ->and(Calculators::run('slope', [...$given, 'place' => 'behind-rear-axle']))->toMatchArray(['wheelbaseAfter' => 3900.0, 'wheelbaseGained' => 0.0, 'attitude' => 0.0]);
    });

    it('takes a measured rise before the slopes', function () {
        $band = Calculators::run('slope', ['operation' => 'shorten', 'amount' => 500, 'slope' => 0, 'bandRise' => 300]);
        expect($band['levelLength'])->toEqualWithDelta(400.0, 1e-9)
            ->and($band['mismatch']['right']['z'])->toEqualWithDelta(300.0, 1e-9);
    });

    it('refuses', function (array $given, string $says) {
        expect(fn () => Calculators::run('slope', ['operation' => 'shorten', 'amount' => 400, 'slope' => 3, ...$given]))->toThrow(InvalidFields::class, $says);
    })->with([
        'a second slope of a stretch' => [['operation' => 'stretch', 'slopeRear' => 3], 'slopeRear: belongs to a shorten'],
        'one depth' => [['depthFront' => 200], 'depthRear: missing'],
        'a band that stands up' => [['bandRise' => -400], 'rises more than the band is long'],
        'a wheelbase that is cut away' => [['wheelbase' => 300], 'longer than what is taken out'],
        'rails that cross' => [['taper' => -45, 'frameWidth' => 300], 'would cross'],
    ]);
});

describe('grounding on a crest', function () {
    $given = ['wheelbase' => 3450, 'tyreRadius' => 390];

    it('is the same from either end', function () use ($given) {
        $there = Calculators::run('breakover', [...$given, 'points' => [['x' => 1200, 'height' => 250], ['x' => -700, 'height' => 330]]]);
        $back = Calculators::run('breakover', [...$given, 'points' => [['x' => 2250, 'height' => 250], ['x' => 4150, 'height' => 330]]]);
        expect($back['breakover']['angle'])->toEqualWithDelta($there['breakover']['angle'], 1e-9)->and($back['departure']['angle'])->toEqualWithDelta($there['approach']['angle'], 1e-9)
            ->and($there['departure'])->toBeNull();
    });

    it('names the part that grounds first, the earlier of two alike, and gets worse when stretched', function () use ($given) {
        $points = ['points' => [['id' => 'tank', 'x' => 1725, 'height' => 260], ['id' => 'exhaust', 'x' => 1725, 'height' => 260], ['id' => 'step', 'x' => 1000, 'height' => 400]]];
        expect(Calculators::run('breakover', [...$given, ...$points])['breakover']['point'])->toBe('tank')
            ->and(Calculators::run('breakover', [...$given, 'wheelbase' => 4200, ...$points])['breakover']['angle'])->toBeLessThan(Calculators::run('breakover', [...$given, ...$points])['breakover']['angle']);
    });

    it('refuses', function (array $change, string $says) {
        expect(fn () => Calculators::run('breakover', ['wheelbase' => 3450, 'points' => [['x' => 1200, 'height' => 250]], ...$change]))->toThrow(InvalidFields::class, $says);
    })->with([
        'a radius twice' => [['tyreRadius' => 390, 'tyreRadiusRear' => 380], 'not both'],
        'one of two' => [['tyreRadiusFront' => 390], 'tyreRadiusRear: missing'],
        'wheels that meet' => [['tyreRadius' => 1725], 'the wheels would meet'],
        'a point at an axle' => [['tyreRadius' => 390, 'points' => [['x' => 3450, 'height' => 900]]], 'points[0].x: lies at an axle'],
        'a point in a wheel' => [['tyreRadius' => 390, 'points' => [['x' => 100, 'height' => 400]]], 'lies in a wheel'],
    ]);
});
