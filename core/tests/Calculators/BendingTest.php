<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

/** @param  array<string, mixed>  $with */
function tubeBend(array $with): array
{
    return Calculators::run('tube-bend', ['diameter' => 45, 'wall' => 2.5, 'radius' => 150, ...$with]);
}

/** @param  array<string, mixed>  $with */
function pressBrake(array $with = []): array
{
    return Calculators::run('press-brake', ['thickness' => 5, 'insideRadius' => 6, 'flanges' => [60, 90], 'bends' => [90], ...$with]);
}

/** @param  array<string, mixed>  $with */
function arched(array $with = []): array
{
    return Calculators::run('arch', ['kind' => 'mitred', 'width' => 900, 'rise' => 70, 'centre' => 260, 'depth' => 50, 'angle' => 45, ...$with]);
}

describe('a bent tube', function () {
    it('is as long as a pencil line along it: legs less what the corners cut off', function () {
        $hoop = tubeBend(['legs' => [900, 1000, 900], 'bends' => [['angle' => 90], ['angle' => 90]]]);
        expect($hoop['cutLength'])->toEqualWithDelta(2800 - 4 * 150 + 2 * 150 * M_PI_2, 1e-9);
    });

    it('comes to the same from its points as from its legs, however it lies', function () {
        mt_srand(3);
        for ($i = 0; $i < 20; $i++) {
            $points = [[0, 0, 0]];
            foreach ([[600, 0, 0], [500, 400, 0], [300, -200, 500], [700, 100, -100]] as $leg) {
                $points[] = array_map(fn ($a, $b) => $a + $b + mt_rand(-80, 80), $points[count($points) - 1], $leg);
            }
            $from = tubeBend(['points' => $points]);
            $legs = array_map(fn ($a, $b) => sqrt(array_sum(array_map(fn ($p, $q) => ($q - $p) ** 2, $a, $b))), array_slice($points, 0, -1), array_slice($points, 1));
            $by = tubeBend(['legs' => $legs, 'bends' => array_map(fn ($bend) => ['angle' => $bend['angle'], 'rotation' => $bend['rotation']], $from['bends'])]);
            expect($by['cutLength'])->toEqualWithDelta($from['cutLength'], 1e-9)
                ->and($by['straights'])->toEqualWithDelta($from['straights'], 1e-9);
            // Seen in a mirror it is turned the other way.
            $mirrored = tubeBend(['points' => array_map(fn ($at) => [$at[0], -$at[1], $at[2]], $points)]);
            foreach ($mirrored['bends'] as $b => $bend) {
                expect($bend['rotation'])->toEqualWithDelta(-$from['bends'][$b]['rotation'], 1e-9)
                    ->and($bend['angle'])->toEqualWithDelta($from['bends'][$b]['angle'], 1e-9);
            }
        }
    });

    it('has its marks further from the end by what is left on', function () {
        $bare = tubeBend(['legs' => [900, 900], 'bends' => [['angle' => 60]]]);
        $long = tubeBend(['legs' => [900, 900], 'bends' => [['angle' => 60]], 'allowance' => 50]);
        expect($long['bends'][0]['start'] - $bare['bends'][0]['start'])->toEqualWithDelta(50, 1e-9)
            ->and($long['cutLength'] - $bare['cutLength'])->toEqualWithDelta(100, 1e-9);
    });

    it('is refused where it cannot be bent, saying where', function (array $with, string $says) {
        expect(fn () => tubeBend($with))->toThrow(InvalidFields::class, $says);
    })->with([
        [['legs' => [100, 900], 'bends' => [['angle' => 90]]], 'legs[0]'],
        [['legs' => [900, 900], 'bends' => []], 'bends'],
        [['legs' => [900, 900], 'bends' => [['angle' => 180]]], 'bends[0].angle'],
        [['legs' => [900, 900], 'bends' => [['angle' => 90, 'rotation' => 20]]], 'bends[0].rotation'],
        [['points' => [[0, 0, 0], [500, 0, 0], [900, 0, 0]]], 'points[1]'],
        [['points' => [[0, 0, 0], [0, 0, 0], [900, 0, 0]]], 'points[1]'],
        [['points' => [[0, 0, 0], [500, 0, 0], [900, 500, 0]], 'legs' => [900, 900]], 'not both'],
        [['legs' => [900, 900], 'bends' => [['angle' => 90]], 'springback' => ['asked' => 87, 'got' => 90]], 'springback.got'],
        [['legs' => [9000, 9000], 'bends' => [['angle' => 170]], 'springback' => ['asked' => 90, 'got' => 80]], 'bends[0].angle'],
        [['legs' => [900, 900], 'bends' => [['angle' => 90]], 'radius' => 22], 'radius'],
        [['legs' => [900, 900], 'bends' => [['angle' => 90]], 'wall' => 23], 'wall'],
    ]);
});

describe('sheet in a press brake', function () {
    it('has the flat that a trial strip of it had, bent as the trial was', function () {
        $trial = pressBrake(['flanges' => [70, 90], 'kFactor' => 0.41]);
        $again = pressBrake(['trial' => ['flat' => $trial['flat'], 'flanges' => [70, 90], 'angle' => 90]]);
        expect($again['kFactor'])->toEqualWithDelta(0.41, 1e-9)
            ->and($again['flat'])->toEqualWithDelta(pressBrake(['kFactor' => 0.41])['flat'], 1e-9);
    });

    it('is as long as its neutral fibre: straights and arcs', function () {
        $flanges = [60, 120, 80];
        $told = pressBrake(['flanges' => $flanges, 'bends' => [90, 45], 'kFactor' => 0.42]);
        $set = fn (float $angle) => 11 * tan(deg2rad($angle) / 2);
        $straight = array_sum($flanges) - 2 * $set(90) - 2 * $set(45);
        expect($told['flat'])->toEqualWithDelta($straight + deg2rad(135) * (6 + 0.42 * 5), 1e-9);
        // The middle of each bend lies half its arc behind the straight before it.
        expect($told['bends'][0]['line'])->toEqualWithDelta(60 - $set(90) + deg2rad(45) * 8.1, 1e-9);
    });

    it('reads the same from its other end', function () {
        $one = pressBrake(['flanges' => [60, 120, 80], 'bends' => [90, 45]]);
        $other = pressBrake(['flanges' => [80, 120, 60], 'bends' => [45, 90]]);
        expect($other['flat'])->toEqualWithDelta($one['flat'], 1e-9)
            ->and($other['bends'][0]['line'])->toEqualWithDelta($one['flat'] - $one['bends'][1]['line'], 1e-9);
    });

    it('is refused where it cannot be bent, saying where', function (array $with, string $says) {
        expect(fn () => pressBrake($with))->toThrow(InvalidFields::class, $says);
    })->with([
        [['flanges' => [20, 90]], 'flanges[0]'],
        [['bends' => [90, 90]], 'bends'],
        [['bends' => [151]], 'bends[0]'],
        [['flanges' => [60, 30, 60], 'bends' => [140, 140]], 'flanges[1]'],
        [['insideRadius' => 1], 'insideRadius'],
        [['kFactor' => 0.7], 'kFactor'],
        [['trial' => ['flat' => 200, 'flanges' => [70, 90], 'angle' => 90]], 'trial'],
        [['kFactor' => 0.4, 'trial' => ['flat' => 149, 'flanges' => [70, 90], 'angle' => 90]], 'not both'],
        [['machine' => ['force' => 800000, 'length' => 1250]], 'length'],
    ]);

    it('says whether the machine can do it', function () {
        $machine = ['machine' => ['force' => 100_000, 'length' => 1250]];
        expect(pressBrake([...$machine, 'length' => 200])['withinMachine'])->toBeTrue()
            ->and(pressBrake([...$machine, 'length' => 400])['withinMachine'])->toBeFalse()
            ->and(pressBrake()['withinMachine'])->toBeNull();
    });
});

describe('an arch', function () {
    it('closes on its width, its pieces edge to edge', function (array $with) {
        $told = arched($with);
        [$nodes, $pieces] = [$told['nodes'], array_column($told['pieces'], null, 'piece')];
        expect($nodes[5][0])->toEqualWithDelta(900, 1e-9)->and($nodes[1][0])->toEqualWithDelta($pieces['end']['centre'], 1e-9)->and($nodes[3][0] - $nodes[2][0])->toEqualWithDelta(260, 1e-9)
            ->and($nodes[4][0])->toEqualWithDelta(900 - $pieces['end']['centre'], 1e-9)->and(abs($nodes[2][1]))->toEqualWithDelta($told['run'] * tan(deg2rad($with['angle'] ?? 45)), 1e-9);
    })->with([
        [[]],
        [['angle' => 30, 'rise' => 40]],
        [['direction' => 'down']],
        [['kind' => 'slid', 'rise' => 30]],
        [['kind' => 'slid', 'rise' => 30, 'longEdge' => 'upper']],
    ]);

    it('dropped is the same bar turned over', function (array $with) {
        [$up, $down] = [arched($with), arched([...$with, 'direction' => 'down'])];
        foreach ($up['pieces'] as $i => $piece) {
            expect($down['pieces'][$i]['upper'])->toBe($piece['lower'])
                ->and($down['pieces'][$i]['lower'])->toBe($piece['upper']);
        }
        expect($down['stock'])->toBe($up['stock'])
            ->and($down['nodes'][2][1])->toBe(-$up['nodes'][2][1]);
    })->with([[[]], [['kind' => 'slid', 'rise' => 30, 'longEdge' => 'upper']]]);

    it('cut and slid wastes nothing but its saw cuts', function () {
        $told = arched(['kind' => 'slid', 'rise' => 30, 'kerf' => 2]);
        expect($told['stock'])->toEqualWithDelta(900 - 2 * 30 + 2 * 2 * M_SQRT2, 1e-9)
            ->and($told['gusset'])->toEqualWithDelta([30, 30], 1e-9);
    });

    it('is refused where nothing is left', function (array $with, string $says) {
        expect(fn () => arched($with))->toThrow(InvalidFields::class, $says);
    })->with([
        [['kind' => 'slid', 'rise' => 50], 'rise'],
        [['width' => 400], 'width'],
        [['longEdge' => 'upper'], 'longEdge'],
        [['angle' => 85], 'angle'],
        [['kind' => 'slid', 'rise' => 20, 'centre' => 40], 'middle piece'],
    ]);
});
