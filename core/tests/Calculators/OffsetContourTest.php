<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Units\LengthUnit;

/** An L of two flanges, 120 and 80 wide. */
const ANGLE_PLATE = [[0, 0], [300, 0], [300, 80], [120, 80], [120, 240], [0, 240]];

/** @return list<array{float, float}> of a made-up contour that winds once about its middle */
function star(int $seed): array
{
    mt_srand($seed);
    $many = mt_rand(5, 20);
    $corners = [];
    for ($i = 0; $i < $many; $i++) {
        $far = 60 + mt_rand(0, 140);
        $corners[] = [$far * cos(2 * M_PI * $i / $many), $far * sin(2 * M_PI * $i / $many)];
    }

    return $corners;
}

/** @param  list<array{float, float}>  $corners */
function standsOff(array $corners, float $x, float $y): float
{
    $least = INF;
    foreach ($corners as $i => [$ax, $ay]) {
        [$bx, $by] = $corners[($i + 1) % count($corners)];
        $t = max(0.0, min(1.0, (($x - $ax) * ($bx - $ax) + ($y - $ay) * ($by - $ay)) / (($bx - $ax) ** 2 + ($by - $ay) ** 2)));
        $least = min($least, hypot($x - $ax - $t * ($bx - $ax), $y - $ay - $t * ($by - $ay)));
    }

    return $least;
}

/** @param  list<array{float, float}>  $corners */
function isWithin(array $corners, float $x, float $y): bool
{
    $isIn = false;
    foreach ($corners as $i => [$ax, $ay]) {
        [$bx, $by] = $corners[($i + 1) % count($corners)];
        $isIn = ($ay > $y) !== ($by > $y) && $x < ($bx - $ax) * ($y - $ay) / ($by - $ay) + $ax ? ! $isIn : $isIn;
    }

    return $isIn;
}

describe('a plate set back', function (): void {
    it('is as large as a fine grid of points that stand far enough off says', function (int $seed): void {
        $corners = star($seed);
        $told = Calculators::run('offset-contour', ['contour' => $corners, 'offset' => 12]);
        $many = 0;
        for ($x = -200.0; $x <= 200.0; $x += 2.0) {
            for ($y = -200.0; $y <= 200.0; $y += 2.0) {
                $many += isWithin($corners, $x, $y) && standsOff($corners, $x, $y) >= 12.0 ? 1 : 0;
            }
        }
        expect($told['area'])->toEqualWithDelta(4 * $many, 0.01 * 4 * $many + 120);
    })->with([1, 2, 3]);

    it('in two steps is the same as in one, and its arcs are taken as they are', function (int $seed): void {
        $corners = star($seed);
        $once = Calculators::run('offset-contour', ['contour' => $corners, 'offset' => 20]);
        $first = Calculators::run('offset-contour', ['contour' => $corners, 'offset' => 8]);
        $area = $perimeter = 0.0;
        foreach ($first['loops'] as $loop) {
            try {
                $next = Calculators::run('offset-contour', ['contour' => $loop['vertices'], 'offset' => 12]);
                [$area, $perimeter] = [$area + $next['area'], $perimeter + $next['perimeter']];
            } catch (InvalidFields) {
                // A part too small for the second step leaves nothing.
            }
        }
        expect($area)->toEqualWithDelta($once['area'], 1e-3)
            ->and($perimeter)->toEqualWithDelta($once['perimeter'], 1e-3);
    })->with(range(1, 8));

    it('is the same however it is turned, mirrored or started', function (array $contour): void {
        $of = fn (array $corners): array => array_intersect_key(Calculators::run('offset-contour', ['contour' => $corners, 'offset' => 9, 'cornerRadius' => 4]), ['area' => 0, 'perimeter' => 0, 'parts' => 0]);
        $turned = array_map(fn (array $one): array => [0.6 * $one[0] - 0.8 * $one[1] + 17, 0.8 * $one[0] + 0.6 * $one[1] - 5], $contour);
        foreach ([$turned, array_reverse($contour), array_map(fn (array $one): array => [-$one[0], $one[1]], $contour), [...array_slice($contour, 2), ...array_slice($contour, 0, 2)]] as $other) {
            expect($of($other))->toEqualWithDelta($of($contour), 1e-6);
        }
    })->with(['angle' => [ANGLE_PLATE], 'star' => [star(7)]]);

    it('outward is round at every corner that opens', function (): void {
        $told = Calculators::run('offset-contour', ['contour' => [[0, 0], [100, 0], [100, 50], [0, 50]], 'offset' => 10, 'side' => 'out']);
        expect($told['area'])->toEqualWithDelta(100 * 50 + 10 * 300 + M_PI * 100, 1e-6)
            ->and($told['perimeter'])->toEqualWithDelta(300 + 20 * M_PI, 1e-6)
            ->and($told['loops'][0]['vertices'])->toHaveCount(8);
    });

    it('outward closes a gap and leaves a hole behind it', function (): void {
        $ring = [[0, 0], [200, 0], [200, 200], [105, 200], [105, 160], [160, 160], [160, 40], [40, 40], [40, 160], [95, 160], [95, 200], [0, 200]];
        $told = Calculators::run('offset-contour', ['contour' => $ring, 'offset' => 10, 'side' => 'out']);
        expect($told['parts'])->toBe(1)
            ->and($told['loops'])->toHaveCount(2)
            ->and($told['loops'][1]['area'])->toBeLessThan(0.0)->toEqualWithDelta(-10000, 20.0);
    });

    it('falls apart where a neck is narrower than both lands', function (): void {
        $bone = [[0, 0], [100, 0], [100, 40], [200, 40], [200, 0], [300, 0], [300, 100], [200, 100], [200, 60], [100, 60], [100, 100], [0, 100]];
        expect(Calculators::run('offset-contour', ['contour' => $bone, 'offset' => 9])['parts'])->toBe(1)->and(Calculators::run('offset-contour', ['contour' => $bone, 'offset' => 11])['parts'])->toBe(2)
            ->and(Calculators::run('offset-contour', ['contour' => $bone, 'offset' => 10])['parts'])->toBe(2)
            ->and(Calculators::run('offset-contour', ['contour' => $bone, 'offset' => 5, 'cornerRadius' => 6])['parts'])->toBe(2);
    });

    it('of a circle is a circle, and of nothing more than the contour the contour', function (): void {
        $circle = [[50, 0, 1], [-50, 0, 1], [50, 0]];
        expect(Calculators::run('offset-contour', ['contour' => [[50, 0, 0.41421356237309503], [0, 50, 0.41421356237309503], [-50, 0, 0.41421356237309503], [0, -50, 0.41421356237309503]], 'offset' => 10])['area'])->toEqualWithDelta(M_PI * 1600, 1e-6)
            ->and(fn () => Calculators::run('offset-contour', ['contour' => array_slice($circle, 0, 2), 'offset' => 1]))->toThrow(InvalidFields::class, 'three corners')
            ->and(Calculators::run('offset-contour', ['contour' => ANGLE_PLATE, 'offset' => 0])['area'])->toEqualWithDelta(300 * 80 + 120 * 160, 1e-9);
    });

    it('finds the centre of a half disc, and weighs it', function (): void {
        $told = Calculators::run('offset-contour', ['contour' => [[-50, 0], [50, 0, 0.41421356237309503], [0, 50, 0.41421356237309503]], 'offset' => 0, 'thickness' => 10]);
        expect($told['centroid'])->toEqualWithDelta([0.0, 4 * 50 / (3 * M_PI)], 1e-6)
            ->and($told['mass'])->toEqualWithDelta(M_PI * 1250 * 10 * 7850e-9, 1e-9);
    });

    it('keeps an arc an arc where the page is in inches', function (): void {
        $inches = Calculators::run('offset-contour', ['contour' => [['2 in', 0, 0.41421356237309503], [0, '2 in', 0.41421356237309503], ['-2 in', 0, 0.41421356237309503], [0, '-2 in', 0.41421356237309503]], 'offset' => 0], new FieldReader(LengthUnit::Inch));
        expect($inches['area'])->toEqualWithDelta(M_PI * 50.8 ** 2, 1e-6);
    });
});

describe('windows and slots', function (): void {
    it('leave the metal that lies between them and the edge, and between each other', function (): void {
        $plate = ['contour' => [[0, 0], [600, 0], [600, 200], [0, 200]], 'offset' => 0, 'windows' => [['at' => [150, 90], 'length' => 100, 'height' => 60, 'radius' => 20], ['at' => [300, 90], 'length' => 140, 'height' => 60, 'radius' => 30]]];
        [$one, $other] = Calculators::run('offset-contour', $plate)['windows'];
        expect($one['ligament'])->toEqualWithDelta(30.0, 1e-9)
            ->and($one['ok'])->toBeFalse()
            ->and($other['upper'])->toEqualWithDelta(80.0, 1e-9)
            ->and($other['lower'])->toEqualWithDelta(60.0, 1e-9)
            ->and($other['shearStress'])->toBeNull();
    });

    it('bear more where the window is long, by its length, and as shear alone not', function (): void {
        $stress = fn (float $length): array => Calculators::run('offset-contour', ['contour' => [[0, 0], [700, 0], [700, 160], [0, 160]], 'offset' => 0, 'thickness' => 6, 'shear' => 12000, 'windows' => [['at' => [350, 80], 'length' => $length, 'height' => 60]]])['windows'][0];
        expect($stress(320)['bendingStress'])->toEqualWithDelta(2 * $stress(160)['bendingStress'], 1e-9)
            ->and($stress(320)['shearStress'])->toEqualWithDelta($stress(160)['shearStress'], 1e-9);
    });

    it('shear at the edge is what cutting a whole plate into strips says', function (): void {
        // Without a window's height both ligaments are one web: 1.5 V/A at its middle.
        $told = Calculators::run('offset-contour', ['contour' => [[0, 0], [700, 0], [700, 160], [0, 160]], 'offset' => 0, 'thickness' => 6, 'shear' => 12000, 'windows' => [['at' => [350, 80], 'length' => 100, 'height' => 1e-3]]]);
        expect($told['windows'][0]['shearStress'])->toEqualWithDelta(1.5 * 12000 / (6 * 160), 1e-2);
    });

    it('lie across the plate with a bridge at each end, askew too', function (): void {
        $slot = Calculators::run('offset-contour', ['contour' => [[0, 0], [400, 0], [400, 120], [0, 120]], 'offset' => 0, 'thickness' => 5, 'bendLines' => [['from' => [100, 0], 'to' => [190, 120]]]])['slots'][0];
        expect($slot['length'])->toEqualWithDelta(130.0, 1e-9)
            ->and($slot['width'])->toBe(10.0)
            ->and($slot['from'])->toEqualWithDelta([106.0, 8.0], 1e-9)
            ->and($slot['momentShare'])->toEqualWithDelta(20 / 150, 1e-9);
    });

    it('are refused where they make no sense', function (array $given, string $path): void {
        expect(fn () => Calculators::run('offset-contour', [...['contour' => [[0, 0], [400, 0], [400, 120], [0, 120]], 'offset' => 0], ...$given]))->toThrow(InvalidFields::class, $path);
    })->with([
        'two corners' => [['contour' => [[0, 0], [1, 0]]], 'contour'],
        'a bow tie' => [['contour' => [[0, 0], [100, 100], [100, 0], [0, 100]]], 'crosses'],
        'a corner twice' => [['contour' => [[0, 0], [0, 0], [100, 0], [0, 100]]], 'contour[1]'],
        'touches itself' => [['contour' => [[0, 0], [100, 0], [50, 0], [50, 50]]], 'crosses or touches'],
        'too far' => [['offset' => 61], 'offset'],
        'outward with a radius' => [['side' => 'out', 'cornerRadius' => 5], 'cornerRadius'],
        'too round a bulge' => [['contour' => [[0, 0, 1.5], [100, 0], [0, 100]]], 'contour[0][2]'],
        'a window over the edge' => [['windows' => [['at' => [20, 60], 'length' => 60, 'height' => 20]]], 'windows[0]'],
        'a window outside' => [['windows' => [['at' => [900, 60], 'length' => 60, 'height' => 20]]], 'windows[0]'],
        'a window in a window' => [['windows' => [['at' => [200, 60], 'length' => 60, 'height' => 60], ['at' => [200, 60], 'length' => 20, 'height' => 20]]], 'windows[1]'],
        'windows that touch' => [['windows' => [['at' => [100, 60], 'length' => 60, 'height' => 60], ['at' => [160, 60], 'length' => 60, 'height' => 60]]], 'windows[1]'],
        'rounder than it is high' => [['windows' => [['at' => [200, 60], 'length' => 60, 'height' => 20, 'radius' => 11]]], 'windows[0].radius'],
        'shear without a plate' => [['shear' => 100], 'thickness'],
        'a bend without a width' => [['bendLines' => [['from' => [100, -5], 'to' => [100, 200]]]], 'slotWidth'],
        'a bend that ends in the plate' => [['thickness' => 5, 'bendLines' => [['from' => [100, -5], 'to' => [100, 60]]]], 'bendLines[0]'],
        'a bend beside the plate' => [['thickness' => 5, 'bendLines' => [['from' => [500, -5], 'to' => [500, 200]]]], 'bendLines[0]'],
        'along an edge' => [['thickness' => 5, 'bendLines' => [['from' => [0, 0], 'to' => [400, 0]]]], 'bendLines[0]'],
        'all bridge' => [['thickness' => 5, 'bridge' => 55, 'bendLines' => [['from' => [100, 0], 'to' => [100, 120]]]], 'bendLines[0]'],
        'twice across' => [['contour' => ANGLE_PLATE, 'thickness' => 5, 'bendLines' => [['from' => [-10, 250], 'to' => [310, 10]]]], 'bendLines[0]'],
        'through a window' => [['thickness' => 5, 'windows' => [['at' => [200, 60], 'length' => 60, 'height' => 20]], 'bendLines' => [['from' => [200, 0], 'to' => [200, 120]]]], 'windows[0]'],
    ]);
});
