<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Units\LengthUnit;

$measured = ['speed' => 3600.0, 'gearbox' => 3.0, 'first' => ['fall' => 2.0, 'length' => 1501.0], 'second' => ['fall' => 4.63, 'length' => 1705.57], 'pinion' => 2.2];

it('works out a two-piece shaft from levels and tapes as the train does from coordinates', function () use ($measured): void {
    $told = Calculators::run('measured-shaft', $measured);

    expect($told['joints'][0]['angle'])->toEqualWithDelta(1.0, 0.01)
        ->and($told['joints'][1]['angle'])->toEqualWithDelta(2.63, 0.01)
        ->and($told['joints'][2]['angle'])->toEqualWithDelta(2.43, 0.01)
        ->and($told['places'][2]['rearward'])->toEqualWithDelta(3200.0, 0.5)
        ->and($told['places'][2]['up'])->toEqualWithDelta(-190.0, 0.5)
        ->and($told['shafts'][1]['length'])->toBe(1705.57)
        ->and($told['engagement'])->toBeNull()
        ->and($told['assumed']->in(LengthUnit::Millimetre))->toContain('Slip not given');
});

it('gives the same angles for a shaft that runs to the left as for one that runs to the right', function () use ($measured): void {
    [$right, $left] = [Calculators::run('measured-shaft', [...$measured, 'right' => 120.0]), Calculators::run('measured-shaft', [...$measured, 'right' => -120.0])];

    expect($right['residual'])->toEqualWithDelta($left['residual'], 1e-9)
        ->and($right['places'][2]['right'])->toEqualWithDelta(120.0, 1e-6)
        ->and($left['places'][2]['right'])->toEqualWithDelta(-120.0, 1e-6);
});

it('knows one, two and three shafts, and how much slip is left in', function (): void {
    $one = ['speed' => 3000.0, 'gearbox' => 2.0, 'first' => ['fall' => 5.0, 'length' => 1200.0], 'pinion' => 2.0, 'standOut' => 38.0, 'possible' => 110.0];
    $three = [...$one, 'second' => ['fall' => 4.0, 'length' => 900.0], 'third' => ['fall' => 6.0, 'length' => 900.0]];

    expect(Calculators::run('measured-shaft', $one)['engagement'])->toBe(72.0)
        ->and(Calculators::run('measured-shaft', $one)['residual'])->toEqualWithDelta(0.0, 1e-6)
        ->and(Calculators::run('measured-shaft', $three)['joints'])->toHaveCount(4);
});

it('refuses a third shaft without a second, and a yoke that is out further than it goes', function (array $change, string $path) use ($measured): void {
    expect(fn () => Calculators::run('measured-shaft', [...$measured, ...$change]))->toThrow(InvalidFields::class, $path);
})->with([
    'third alone' => [['second' => null, 'third' => ['fall' => 1.0, 'length' => 500.0]], 'second'],
    'apart' => [['standOut' => 120.0, 'possible' => 110.0], 'standOut'],
    'far to the side' => [['right' => 4000.0], 'right'],
]);

$plate = ['holes' => [['id' => 'A', 'diameter' => 13.0], ['id' => 'B', 'diameter' => 13.0], ['id' => 'C', 'diameter' => 13.0], ['id' => 'D', 'diameter' => 13.0]], 'tapes' => [
    ['from' => 'A', 'to' => 'B', 'length' => 120.0],
    ['from' => 'B', 'to' => 'C', 'length' => 90.0],
    ['from' => 'A', 'to' => 'C', 'length' => 150.0],
    ['from' => 'A', 'to' => 'D', 'length' => 90.0],
    ['from' => 'B', 'to' => 'D', 'length' => 150.0],
]];

it('lays out a rectangle of holes from sides and diagonals, three four five', function () use ($plate): void {
    $told = Calculators::run('hole-pattern', $plate);

    expect($told['state'])->toBe('unchecked')->and($told['spare'])->toBe(0)
        ->and([$told['holes'][2]['x'], $told['holes'][2]['y']])->toEqualWithDelta([120.0, 90.0], 1e-6)
        ->and([$told['holes'][3]['x'], $told['holes'][3]['y']])->toEqualWithDelta([0.0, 90.0], 1e-6)
        ->and($told['say']->in(LengthUnit::Millimetre))->toContain('Take one more');
});

it('finds tapes that agree, and names the one that does not', function () use ($plate): void {
    $good = Calculators::run('hole-pattern', [...$plate, 'tapes' => [...$plate['tapes'], ['from' => 'C', 'to' => 'D', 'length' => 120.3]]]);
    $bad = Calculators::run('hole-pattern', [...$plate, 'tapes' => [...$plate['tapes'], ['from' => 'C', 'to' => 'D', 'length' => 130.0]]]);

    expect($good['state'])->toBe('in')
        ->and($bad['state'])->toBe('out')
        ->and($bad['say']->in(LengthUnit::Millimetre))->toContain('contradict');
});

it('finds the same pattern whatever side it is turned to, mirrored where the sides are', function (): void {
    mt_srand(7);
    foreach (range(1, 20) as $round) {
        $points = array_map(fn (): array => [mt_rand(0, 4000) / 10, mt_rand(0, 4000) / 10], range(0, 4));
        $d = fn (int $i, int $j): float => hypot($points[$i][0] - $points[$j][0], $points[$i][1] - $points[$j][1]);
        $side = fn (int $k): float => ($points[1][0] - $points[0][0]) * ($points[$k][1] - $points[0][1]) - ($points[1][1] - $points[0][1]) * ($points[$k][0] - $points[0][0]);
        if ($d(0, 1) < 50 || min(array_map(fn (int $k): float => abs($side($k)) / $d(0, 1), [2, 3, 4])) < 20) {
            continue;
        }
        $tapes = [];
        foreach (range(0, 4) as $i) {
            for ($j = $i + 1; $j < 5; $j++) {
                $tapes[] = ['from' => (string) ($i + 1), 'to' => (string) ($j + 1), 'length' => $d($i, $j)];
            }
        }
        $told = Calculators::run('hole-pattern', ['holes' => array_map(fn (int $k): array => ['diameter' => 10.0, 'side' => $k < 2 || $side($k) >= 0 ? 'left' : 'right'], range(0, 4)), 'tapes' => $tapes]);

        expect($told['state'])->toBe('in', "round $round")
            ->and(max(array_map(fn (array $one): float => abs($one['off']), $told['tapes'])))->toBeLessThan(1e-6);
    }
});

it('refuses a hole that is not fixed and a hole nobody named', function (array $tapes, string $said) use ($plate): void {
    expect(fn () => Calculators::run('hole-pattern', [...$plate, 'tapes' => $tapes]))->toThrow(InvalidFields::class, $said);
})->with([
    'no base' => [[['from' => 'A', 'to' => 'C', 'length' => 10.0]], 'base line'],
    'loose' => [[['from' => 'A', 'to' => 'B', 'length' => 120.0], ['from' => 'A', 'to' => 'C', 'length' => 90.0]], '“C” is not fixed'],
    'never meets' => [[['from' => 'A', 'to' => 'B', 'length' => 120.0], ['from' => 'A', 'to' => 'C', 'length' => 20.0], ['from' => 'B', 'to' => 'C', 'length' => 20.0]], '“C” is not fixed'],
    'unknown' => [[['from' => 'A', 'to' => 'Z', 'length' => 10.0]], 'no hole is called'],
    'itself' => [[['from' => 'A', 'to' => 'A', 'length' => 10.0]], 'starts from'],
]);

$gearbox = ['part' => ['lowest' => [1000.0, -200.0, 300.0], 'highest' => [1700.0, 200.0, 700.0]], 'stands' => [['id' => 'crossmember', 'lowest' => [800.0, -400.0, 250.0], 'highest' => [880.0, 400.0, 350.0]]]];

it('lifts a gearbox over a crossmember before it comes forward', function () use ($gearbox): void {
    $over = Calculators::run('removal-path', [...$gearbox, 'steps' => [['id' => 'up', 'up' => 80.0], ['id' => 'forward', 'rearward' => -900.0]]]);
    $through = Calculators::run('removal-path', [...$gearbox, 'steps' => [['id' => 'forward', 'rearward' => -900.0]]]);

    expect($over['passes'])->toBeTrue()->and($over['steps'][1]['least'])->toEqualWithDelta(30.0, 1e-6)->and($over['steps'][1]['state'])->toBe('in')->and($over['steps'][1]['at'])->toBe([100.0, -200.0, 380.0])
        ->and($through['passes'])->toBeFalse()->and($through['steps'][0]['state'])->toBe('touches')->and($through['steps'][0]['against'])->toBe('crossmember');
});

it('finds the least gap of a move as trying many places on it does', function () use ($gearbox): void {
    $told = Calculators::run('removal-path', [...$gearbox, 'steps' => [['rearward' => -500.0, 'right' => 700.0, 'up' => 100.0]]]);
    $least = INF;
    foreach (range(0, 2000) as $i) {
        $t = $i / 2000;
        $low = [1000 - 500 * $t, -200 + 700 * $t, 300 + 100 * $t];
        $gaps = [max(0.0, 800 - ($low[0] + 700), $low[0] - 880), max(0.0, -400 - ($low[1] + 400), $low[1] - 400), max(0.0, 250 - ($low[2] + 400), $low[2] - 350)];
        $least = min($least, sqrt($gaps[0] ** 2 + $gaps[1] ** 2 + $gaps[2] ** 2));
    }

    expect($told['steps'][0]['least'])->toEqualWithDelta($least, 0.5);
});

it('gives no verdict on a way past nothing, and refuses a box turned inside out', function () use ($gearbox): void {
    $step = [['up' => 10.0]];

    expect(Calculators::run('removal-path', ['part' => $gearbox['part'], 'steps' => $step])['passes'])->toBeNull()
        ->and(fn () => Calculators::run('removal-path', ['part' => ['lowest' => [0.0, 0.0, 10.0], 'highest' => [1.0, 1.0, 0.0]], 'steps' => $step]))->toThrow(InvalidFields::class, 'part.highest');
});

it('hangs a full tank on its straps and shifts its weight to the rear', function (): void {
    $told = Calculators::run('tank-move', ['litres' => 100.0, 'mass' => 16.0, 'straps' => 2, 'strapHolds' => 1.0, 'rearward' => 600.0, 'wheelbase' => 3000.0]);

    expect($told['full'])->toBe(100.0)->and($told['strap']['still'])->toEqualWithDelta(490.33, 0.01)->and($told['strap']['jolted'])->toEqualWithDelta(1471.0, 0.1)->and($told['strap']['state'])->toBe('out')->and($told['rearAxle'])->toEqualWithDelta(20.0, 1e-9)
        ->and($told['filler'])->toBeNull();
});

it('finds a filler that is too level, and a hose with a low place where fuel stands', function (float $inlet, array $dips, string $fall, string $trap): void {
    $told = Calculators::run('tank-move', ['litres' => 100.0, 'mass' => 16.0, 'straps' => 2, 'filler' => ['mouth' => 700.0, 'inlet' => $inlet, 'run' => 500.0, 'dips' => $dips], 'vent' => ['top' => 650.0, 'end' => 660.0]]);

    expect($told['filler']['state'])->toBe($fall)
        ->and($told['filler']['trap'])->toBe($trap)
        ->and($told['vent']['state'])->toBe('out')
        ->and($told['vent']['above'])->toBe(10.0);
})->with([
    'falls' => [600.0, [650.0], 'in', 'in'],
    'level' => [650.0, [660.0], 'out', 'in'],
    'a sag' => [600.0, [580.0], 'in', 'out'],
]);

$bar = ['bar' => [0.0, 400.0], 'arm' => [250.0, 400.0], 'axle' => [250.0, 280.0]];

it('swings the arm of an anti-roll bar so that arm and link keep their lengths', function () use ($bar): void {
    foreach (Calculators::run('roll-bar', [...$bar, 'travel' => [['z' => 80.0], ['z' => 0.0], ['z' => -90.0]]])['travel'] as $at) {
        [$x, $z] = [250 * cos(deg2rad($at['swing'])), 400 + 250 * sin(deg2rad($at['swing']))];

        expect(hypot($x - 250, $z - (280 + $at['travel'])))->toEqualWithDelta(120.0, 1e-9);
    }
});

it('warns of a link that goes over centre and of one that does not reach', function () use ($bar): void {
    expect(Calculators::run('roll-bar', [...$bar, 'travel' => [['z' => -140.0]]])['state'])->toBe('over')
        ->and(Calculators::run('roll-bar', [...$bar, 'travel' => [['z' => -400.0]]])['state'])->toBe('out of reach')
        ->and(Calculators::run('roll-bar', [...$bar, 'travel' => [['z' => 60.0], ['z' => -60.0]]])['state'])->toBe('in')
        ->and(fn () => Calculators::run('roll-bar', [...$bar, 'arm' => [0.0, 400.0], 'travel' => [['z' => 1.0]]]))->toThrow(InvalidFields::class, 'arm');
});
