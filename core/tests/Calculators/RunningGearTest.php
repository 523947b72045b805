<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

/** @return array<string, mixed> the input of a worked case */
function workedInput(string $case, array $change = []): array
{
    return [...json_decode((string) file_get_contents(dirname(__DIR__)."/cases/calc/$case.json"), true)['input'], ...$change];
}

/** @param  array<string, mixed>  $more */
function levelTrain(array $falls, array $more = []): array
{
    $input = ['speed' => 3200, 'input' => ['fall' => array_shift($falls)], 'output' => ['fall' => array_pop($falls)], 'joints' => array_fill(0, count($falls) + 1, (object) []), 'shafts' => array_map(fn ($fall) => ['fall' => $fall], $falls), ...$more];

    return Calculators::run('train', json_decode((string) json_encode($input), true));
}

/** Forks followed exactly: the ratio of the last shaft to the first over half a turn, joint after joint. */
function exactSwing(array $angles, array $azimuths, array $phases): float
{
    $most = 0.0;
    $step = 1e-5;
    $end = function (float $turn) use ($angles, $azimuths, $phases): float {
        foreach ($angles as $j => $angle) {
            $q = $turn - $azimuths[$j];
            $whole = round($q / M_PI) * M_PI;
            $turn = $azimuths[$j] + $whole + atan(tan($q - $whole) * cos($angle)) + M_PI_2 + ($phases[$j] ?? 0.0);
        }

        return $turn;
    };
    // Acceleration of the end for a steady start: second difference of its angle.
    for ($i = 0; $i < 360; $i++) {
        $turn = M_PI * $i / 360;
        $most = max($most, abs($end($turn + 1e-3) - 2 * $end($turn) + $end($turn - 1e-3)) / 1e-6);
    }

    return $most;
}

describe('a driveline', function () {
    it('has the true angle of a joint in space, more than the side view shows', function () {
        // Gearbox falls 2°, shaft falls 6.5° and runs 1.5° to the right: 4.74°, not 4.50°.
        $train = Calculators::run('train', ['speed' => 3000, 'input' => ['fall' => 2], 'joints' => [['kind' => 'cardan'], ['kind' => 'cardan']], 'shafts' => [['fall' => 6.5, 'right' => 1.5]], 'output' => ['fall' => 2]]);
        expect($train['joints'][0]['angle'])->toEqualWithDelta(4.74, 0.005)
            ->and($train['angleLimit'])->toEqualWithDelta(17_301 / 3000, 0.001)
            ->and($train['residualLimit'])->toEqualWithDelta(9476 / 3000, 0.001);
    });

    it('leaves nothing where gearbox and pinion are parallel and the ears in line', function () {
        expect(levelTrain([3, 8, 3])['residual'])->toEqualWithDelta(0.0, 1e-6)
            ->and(levelTrain([3, 8, 3])['cure']['turn'])->toEqualWithDelta(0.0, 0.01);
    });

    it('agrees with the exact motion of the forks to the first order', function (array $falls, array $phases) {
        $train = levelTrain($falls, ['shafts' => array_map(fn ($fall, $phase) => ['fall' => $fall, 'phase' => $phase], array_slice($falls, 1, -1), $phases)]);
        $angles = $azimuths = [];
        for ($j = 1; $j < count($falls); $j++) {
            $angles[] = deg2rad(abs($falls[$j] - $falls[$j - 1]));
            $azimuths[] = $falls[$j] > $falls[$j - 1] ? 0.0 : M_PI;
        }
        $turn = 2 * M_PI * 3200 / 60;
        expect($train['acceleration'])->toEqualWithDelta($turn ** 2 * exactSwing($angles, $azimuths, array_map(deg2rad(...), $phases)), 0.01 * $train['acceleration'] + 0.5);
    })->with([
        'two shafts bending down, down, up' => [[2.0, 3.0, 6.5, 2.9], [0.0, 0.0]],
        'the second a quarter turn out' => [[2.0, 3.0, 6.5, 2.9], [0.0, 90.0]],
        'one shaft clocked by 20°' => [[2.0, 7.0, 3.0], [20.0]],
    ]);

    it('is the same mirrored, and turned end to end in its mirror', function () {
        $train = fn (int $way) => Calculators::run('train', ['speed' => 2800, 'input' => ['fall' => 3, 'right' => $way * 1], 'joints' => [['kind' => 'cardan'], ['kind' => 'cardan'], ['kind' => 'cardan']], 'shafts' => [['fall' => 5, 'right' => $way * 2, 'phase' => $way * 5], ['fall' => 7, 'right' => $way * -1]], 'output' => ['fall' => 4, 'right' => $way * 1]]);
        expect($train(-1)['residual'])->toEqualWithDelta($train(1)['residual'], 1e-9)
            ->and($train(-1)['worst']['acceleration'])->toEqualWithDelta($train(1)['worst']['acceleration'], 1e-6);
    });

    it('turns at the speed that the road says', function () {
        // 90 km/h, radius 370, ratio 3.9: 2516.
        expect(Calculators::run('train', ['road' => ['kmh' => 90, 'tyreRadius' => 370, 'ratio' => 3.9], 'input' => ['fall' => 3], 'joints' => [['kind' => 'cardan'], ['kind' => 'cardan']], 'shafts' => [['fall' => 6]], 'output' => ['fall' => 3]])['speed'])->toEqualWithDelta(2516, 1.0);
    });

    it('is refused in words', function (array $change, string $says) {
        expect(fn () => Calculators::run('train', workedInput('train-measured-angles', $change)))->toThrow(InvalidFields::class, $says);
    })->with([
        'an upright shaft' => [['input' => ['fall' => 90]], 'from -60 to 60'],
        'both speeds' => [['speed' => 3000, 'road' => ['kmh' => 90, 'tyreRadius' => 370, 'ratio' => 4]], 'not both'],
        'a shaft too few' => [['joints' => [['kind' => 'cardan'], ['kind' => 'cardan'], ['kind' => 'cardan'], ['kind' => 'cardan']]], 'shafts between them'],
    ]);
});

describe('the centre bearing', function () {
    it('is never set worse than it was', function (float $z, float $fall) {
        $told = Calculators::run('centre-bearing', workedInput('centre-bearing-wrap', ['present' => ['z' => $z, 'fall' => $fall]]));
        expect([round($told['best']['excess'], 6), round($told['best']['residual'], 4)] <= [round($told['present']['excess'], 6), round($told['present']['residual'], 4)])->toBeTrue();
    })->with([[467.6, 2.2], [400.0, 0.9], [450.0, 7.0], [380.0, 12.0]]);

    it('agrees with the train of the same layout', function () {
        $best = Calculators::run('centre-bearing', workedInput('centre-bearing-wrap', ['pinion' => ['lowest' => 0, 'highest' => 9, 'step' => 0.3, 'right' => 2]]))['best'];
        $train = Calculators::run('train', ['speed' => 3600, 'input' => ['fall' => 3], 'joints' => [['position' => [0, 0, 520]], ['position' => $best['joint']], ['position' => [3200, 0, 330]]], 'shafts' => [['phase' => 0], ['phase' => 0]], 'output' => ['fall' => $best['pinionFall'], 'right' => 2], 'wrap' => [0, 1, 2, 3]]);
        expect(array_column($train['wrap'], 'residual'))->toEqualCanonicalizing(array_column($best['wrap'], 'residual'))
            ->and(max(array_column($train['wrap'], 'residual')))->toEqualWithDelta($best['residual'], 1e-9);
    });
});

describe('a shaft', function () {
    it('cut and lengthened by as much is as long as it was', function () {
        $cut = Calculators::run('shaft-cut', ['length' => 1500, 'engagement' => 60, 'wantedLength' => 1380, 'wantedEngagement' => 60, 'tube' => 1200]);
        $back = Calculators::run('shaft-cut', ['length' => 1380, 'engagement' => 60, 'wantedLength' => 1500, 'wantedEngagement' => 60, 'tube' => $cut['newTube'], 'method' => 'newTube']);
        expect($back['newTube'])->toEqualWithDelta(1200.0, 1e-9);
    });

    it('comes apart at droop, whatever its maker asks', function () {
        expect(Calculators::run('shaft-cut', ['length' => 1500, 'engagement' => 60, 'wantedLength' => 1380, 'wantedEngagement' => 60, 'tube' => 1200, 'droop' => 1450])['engagementState'])->toBe('out');
    });

    it('turns slower before it bends as a pinned beam does, with 1/L²', function () {
        $speed = fn (float $length) => Calculators::run('critical-speed', ['outer' => 76.2, 'wall' => 2.5, 'length' => $length, 'speed' => 3200])['criticalSpeed'];
        expect($speed(825.0))->toEqualWithDelta(4 * $speed(1650.0), 1e-6);
        // A sleeve of a tenth of the mass in the middle: −8.7 %.
        $with = Calculators::run('critical-speed', ['outer' => 76.2, 'wall' => 2.5, 'length' => 1650, 'speed' => 3200, 'lumped' => ['mass' => 0.1 * 7.4974]])['criticalSpeed'];
        expect($with / $speed(1650.0))->toEqualWithDelta(1 / sqrt(1.2), 1e-4);
    });

    it('is as long as its speed allows', function () {
        $longest = Calculators::run('critical-speed', ['outer' => 88.9, 'wall' => 3, 'length' => 1500, 'speed' => 3200])['longest'];
        expect($longest)->toEqualWithDelta(1852, 1.0)
            ->and(Calculators::run('critical-speed', ['outer' => 88.9, 'wall' => 3, 'length' => $longest, 'speed' => 3200])['allowed'])->toEqualWithDelta(3200.0, 0.01);
    });
});

describe('the dial', function () {
    it('finds the bend and the oval that readings were made of, at any angles', function () {
        mt_srand(7);
        $angles = [0, 31, 70, 120, 155, 200, 247, 290, 330];
        $values = array_map(fn ($a) => 0.3 + 0.21 * cos(deg2rad($a - 40)) + 0.05 * cos(2 * deg2rad($a - 15)), $angles);
        $station = Calculators::run('run-out', ['stations' => [['angles' => $angles, 'values' => $values]]])['stations'][0];
        expect($station['harmonics'][0]['amplitude'])->toEqualWithDelta(0.21, 1e-9)
            ->and($station['harmonics'][0]['at'])->toEqualWithDelta(40.0, 1e-6)
            ->and($station['harmonics'][1]['at'])->toEqualWithDelta(15.0, 1e-6)
            ->and($station['verdict'])->toBe('outOfLine');
    });

    it('strikes one weld bead, and none where two readings are off', function () {
        $made = fn (array $bumps) => array_map(fn (int $i) => 0.2 * cos(deg2rad(36 * $i)) + ($bumps[$i] ?? 0.0), range(0, 9));
        $read = fn (array $bumps) => Calculators::run('run-out', ['stations' => [['step' => 36, 'values' => $made($bumps)]]])['stations'][0]['struck'];
        expect($read([3 => 0.4]))->toBe(3)
            ->and($read([]))->toBeNull()
            ->and($read([1 => 0.4, 6 => 0.5]))->toBeNull();
    });

    it('says where along the shaft the kink lies, and how much has to shrink', function () {
        $round = fn (float $bend) => array_map(fn (int $i) => $bend * cos(deg2rad(45 * $i - 30)), range(0, 7));
        $told = Calculators::run('run-out', ['outer' => 76, 'stations' => [['x' => 1400, 'step' => 45, 'values' => $round(0.0)], ['x' => 0, 'step' => 45, 'values' => $round(0.0)], ['x' => 700, 'step' => 45, 'values' => $round(0.35)]]]);
        // 0.057°, convex at 30°, 0.076 over a tube of 76.
        expect($told['kinks'][0]['angle'])->toEqualWithDelta(0.057, 5e-4)
            ->and($told['tackFirst']['at'])->toEqualWithDelta(30.0, 1e-6)
            ->and($told['kinks'][0]['shrink'])->toEqualWithDelta(0.076, 5e-4);
    });

    it('is drawn through its readings where the shape fits them, a circle where nothing stands out', function () {
        $round = fn (float $bend) => array_map(fn (int $i) => $bend * cos(deg2rad(45 * $i - 30)), range(0, 7));
        $bent = Calculators::run('run-out', ['stations' => [['step' => 45, 'values' => $round(0.35)]]])['stations'][0];
        $out = array_column($bent['traced'], 'out', 'at');
        foreach ($bent['readings'] as $reading) {
            expect($reading['read'])->toEqualWithDelta($out[(int) round($reading['at'])], 1e-9);
        }
        expect($bent['traced'])->toHaveCount(72)
            ->and(max($out) - min($out))->toEqualWithDelta($bent['outOfLine'], 2e-3);
        $true = Calculators::run('run-out', ['stations' => [['step' => 45, 'values' => $round(0.0)]]])['stations'][0];
        expect(max(array_column($true['traced'], 'out')))->toEqualWithDelta(0.0, 1e-9);
    });

    it('takes gaps, and refuses too few readings', function () {
        expect(Calculators::run('run-out', ['stations' => [['step' => 45, 'values' => [0.1, null, 0.2, 0.1, 0.0, null, 0.1, 0.1]]]])['stations'][0]['harmonics'])->toHaveCount(2);
        expect(fn () => Calculators::run('run-out', ['stations' => [['step' => 45, 'values' => [0.1, null, 0.2, 0.1, 0.0, null, null, null]]]]))->toThrow(InvalidFields::class, 'fewer than 5');
        expect(fn () => Calculators::run('run-out', ['stations' => [['step' => 180, 'values' => [0.1, 0.2, 0.1, 0.2, 0.1]]]]))->toThrow(InvalidFields::class, 'do not tell');
    });
});

describe('an axle on links', function () {
    it('keeps every length through travel', function () {
        $input = workedInput('linkage-three-link');
        foreach (Calculators::run('linkage', $input)['travel'] as $at) {
            expect($at['mismatch'])->toBeLessThan(1e-9 * 3000);
        }
    });

    it('is symmetric where its links are', function () {
        $input = workedInput('linkage-three-link', ['links' => [['id' => 'LL', 'frame' => [2540, -400, 395], 'axle' => [3280, -400, 300]], ['id' => 'LR', 'frame' => [2540, 400, 395], 'axle' => [3280, 400, 300]], ['id' => 'U', 'frame' => [2650, 0, 520], 'axle' => [3330, 0, 505]]], 'guides' => [['point' => [3300, 0, 400], 'direction' => [0, 1, 0]]], 'travel' => [['left' => 60, 'right' => -60], ['left' => -60, 'right' => 60]], 'driveline' => null]);
        $told = Calculators::run('linkage', $input);
        expect($told['ride']['shiftPerBump'])->toEqualWithDelta(0.0, 1e-9)
            ->and($told['ride']['steerPerBump'])->toEqualWithDelta(0.0, 1e-9)
            ->and($told['travel'][0]['steer'])->toEqualWithDelta(-$told['travel'][1]['steer'], 1e-9)
            ->and($told['travel'][0]['pinion'])->toEqualWithDelta($told['travel'][1]['pinion'], 1e-9);
    });

    it('has the slopes at ride that small travel shows', function () {
        $told = Calculators::run('linkage', workedInput('linkage-three-link', ['travel' => [['left' => 0.1, 'right' => 0.1], ['left' => -0.1, 'right' => 0.1]]]));
        [$heave, $roll] = $told['travel'];
        expect($heave['pinion'] / 0.1)->toEqualWithDelta($told['ride']['pinionPerBump'], 1e-4)->and($heave['shift'][0] / 0.1)->toEqualWithDelta($told['ride']['centrePath'], 1e-3)->and($heave['shift'][1] / 0.1)->toEqualWithDelta($told['ride']['shiftPerBump'], 1e-3)
            ->and(-$roll['steer'] / $roll['roll'])->toEqualWithDelta(-$told['ride']['rollSteer'], 1e-3);
    });

    it('stands in balance under its loads', function () {
        $input = workedInput('linkage-three-link');
        foreach (Calculators::run('linkage', $input)['loads'] as $case => $load) {
            $along = 0.0;
            foreach ($load['links'] as $i => $link) {
                [$a, $b] = [$input['links'][$i]['frame'], $input['links'][$i]['axle']];
                $length = sqrt(array_sum(array_map(fn ($p, $q) => ($p - $q) ** 2, $a, $b)));
                $along += $link['force'] * ($a[0] - $b[0]) / $length;
            }
            $given = $input['loads'][$case];
            expect($along + 1100 * 9.80665 * (($given['braking'] ?? 0) - ($given['driving'] ?? 0)))->toEqualWithDelta(0.0, 1e-3);
        }
    });

    it('is loose on four parallel links, and binds on five', function () {
        $link = fn (string $id, float $y, float $z): array => ['id' => $id, 'frame' => [2500, $y, $z], 'axle' => [3300, $y, $z]];
        $wheels = ['left' => [3300, -740, 360], 'right' => [3300, 740, 360]];
        expect(Calculators::run('linkage', ['wheels' => $wheels, 'links' => [$link('a', -400, 300), $link('b', 400, 300), $link('c', -300, 500), $link('d', 300, 500)]])['state'])->toBe('loose')
            ->and(Calculators::run('linkage', workedInput('linkage-binds'))['state'])->toBe('binds')
            ->and(fn () => Calculators::run('linkage', ['wheels' => $wheels]))->toThrow(InvalidFields::class, 'nothing holds this axle')
            ->and(fn () => Calculators::run('linkage', ['wheels' => $wheels, 'links' => [['frame' => [1, 2, 3], 'axle' => [1, 2, 3]]]]))->toThrow(InvalidFields::class, 'no length');
    });

    it('does not reach where no link does', function () {
        $at = Calculators::run('linkage', workedInput('linkage-three-link', ['travel' => [['left' => 2500, 'right' => 2500]]]))['travel'][0];
        expect($at['reached'])->toBeFalse()->and($at)->not->toHaveKey('shift');
    });
});

describe('steering', function () {
    it('kept by a rack in the middle is alike to both sides', function () {
        $steer = Calculators::run('rack', workedInput('rack-moved-back'))['before']['steering'];
        expect($steer[0]['left'])->toEqualWithDelta(-$steer[1]['right'], 1e-9)
            ->and($steer[0]['right'])->toEqualWithDelta(-$steer[1]['left'], 1e-9);
    });

    it('over bumps is least at the height that is told', function () {
        $input = workedInput('rack-moved-back');
        $least = Calculators::run('rack', $input)['least'];
        $there = Calculators::run('rack', [...$input, 'move' => ['x' => 30, 'z' => $least['raise']]])['after'];
        expect($there['worstBumpSteer'])->toEqualWithDelta($least['worst'], 1e-9)
            ->and($there['worstBumpSteer'])->toBeLessThanOrEqual(Calculators::run('rack', $input)['after']['worstBumpSteer']);
    });

    it('keeps the included angle when an arm moves, and the pivots\' line when the pivot does', function () {
        $arm = Calculators::run('steering-axis', workedInput('steering-axis-upper-arm'))['change'];
        expect($arm['includedAngle'])->toEqualWithDelta(0.0, 1e-9)
            ->and($arm['camber'])->toEqualWithDelta(-$arm['kpi'], 1e-9);
        $left = workedInput('steering-axis-upper-arm', ['side' => 'left', 'upper' => [0, -660, 400], 'lower' => [0, -700, 150], 'wheel' => ['centre' => [0, -740, 300], 'radius' => 300, 'camber' => -4], 'moves' => [['pivot' => 'upper', 'where' => 'arm', 'by' => [0, -17.5, 0]]]]);
        expect(Calculators::run('steering-axis', $left)['change']['camber'])->toEqualWithDelta($arm['camber'], 1e-9);
    });

    it('through two equal joints in one plane is even, and a quarter turn out least', function () {
        $feel = fn (float $phase) => Calculators::run('steering-shaft', workedInput('steering-shaft-clocked-wrong', ['phases' => [$phase]]))['now'];
        expect($feel(0.0)['ratioMax'])->toEqualWithDelta(1.0, 1e-9)
            ->and($feel(90.0)['ratioMin'])->toEqualWithDelta(0.835, 5e-4)
            ->and($feel(90.0)['ratioMax'])->toEqualWithDelta(1.198, 5e-4);
    });

    it('turns a longer vehicle in a larger circle', function () {
        $circles = array_column(Calculators::run('turning', workedInput('turning-trapezoid'))['wheelbases'], 'circle');
        expect($circles)->toBe((function (array $all) {
            sort($all);

            return $all;
        })($circles));
    });
});

describe('bars, links, springs, weights, gaps', function () {
    it('a level track bar shifts alike up and down', function () {
        $travel = Calculators::run('track-bar', workedInput('track-bar-level'))['travel'];
        expect($travel[0]['shift'])->toEqualWithDelta($travel[1]['shift'], 1e-9);
    });

    it('a drag link alike to its bar steers nothing', function () {
        $told = Calculators::run('track-bar', ['frame' => [0, -450, 430], 'axle' => [0, 450, 400], 'travel' => [80, -80], 'dragLink' => ['frame' => [200, -450, 460], 'axle' => [200, 450, 430], 'arm' => 160]]);
        expect($told['dragLink']['worst'])->toEqualWithDelta(0.0, 1e-9)
            ->and($told['dragLink']['least']['raise'])->toEqual(0.0);
    });

    it('a link with two right-hand threads does not adjust', function () {
        $input = workedInput('link-cut-left-and-right');
        $input['ends'][1]['thread']['hand'] = 'right';
        expect(Calculators::run('link-cut', $input)['turns'])->toBeNull()
            ->and(Calculators::run('link-cut', $input)['perTurn'])->toEqualWithDelta(0.0, 1e-12);
    });

    it('a half-shaft steered on the left mirrors the right', function () {
        $run = fn (int $side) => Calculators::run('half-shaft', ['inner' => [0, $side * 150, 300], 'outer' => [12, $side * 690, 285], 'travel' => [['z' => 40, 'steer' => $side * 25]]])['travel'][0];
        expect($run(-1)['outerAngle'])->toEqualWithDelta($run(1)['outerAngle'], 1e-9);
    });

    it('masses added and taken away again leave what was', function () {
        $told = Calculators::run('weights', workedInput('weights-lifted', ['changes' => [['mass' => 120, 'at' => [3100, 50, 900]], ['mass' => -120, 'at' => [3100, 50, 900]]]]));
        expect($told['after']['cg'][0])->toEqualWithDelta($told['before']['cg'][0], 1e-9)
            ->and($told['after']['cg'][2])->toEqualWithDelta($told['before']['cg'][2], 1e-9)
            ->and($told['brakeShift'])->toEqualWithDelta(0.0, 1e-9);
    });

    it('a gap is the least of all that a fine net of points shows', function () {
        mt_srand(11);
        for ($round = 0; $round < 20; $round++) {
            $p = fn () => [mt_rand(0, 1000), mt_rand(-400, 400), mt_rand(0, 600)];
            [$a, $b, $c, $d] = [$p(), $p(), $p(), $p()];
            $least = Calculators::run('clearance', ['moving' => [['radius' => 5, 'positions' => [['at' => 'x', 'from' => $a, 'to' => $b]]]], 'fixed' => [['kind' => 'capsule', 'from' => $c, 'to' => $d, 'radius' => 7]]])['pairs'][0]['least'];
            $brute = INF;
            for ($i = 0; $i <= 60; $i++) {
                for ($k = 0; $k <= 60; $k++) {
                    $brute = min($brute, sqrt(array_sum(array_map(fn ($p, $q, $r, $s) => ($p + ($q - $p) * $i / 60 - $r - ($s - $r) * $k / 60) ** 2, $a, $b, $c, $d))));
                }
            }
            expect($least)->toBeLessThanOrEqual($brute - 12 + 1e-9)
                ->and($least)->toBeGreaterThan($brute - 12 - 15.0);
        }
    });

    it('a sloped axle is unsure exactly where two sigmas straddle the limit', function () {
        $state = fn (float $off, float $sigma) => Calculators::run('axle-square', ['left' => ['x' => 0, 'y' => -750, 'sigma' => [$sigma, 0]], 'right' => ['x' => $off, 'y' => 750, 'sigma' => [$sigma, 0]]])['thrust']['state'];
        expect($state(1.0, 0.1))->toBe('in')
            ->and($state(2.6, 0.5))->toBe('unsure')
            ->and($state(6.0, 0.5))->toBe('out');
    });
});
