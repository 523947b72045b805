<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

describe('a mitre', function (): void {
    it('of two equal tubes is half the angle, and both templates are alike', function (float $turn): void {
        $told = Calculators::run('mitre', ['deflection' => $turn, 'first' => ['diameter' => 40]]);
        expect($told['first']['cutAngle'])->toEqualWithDelta($turn / 2, 1e-9)
            ->and($told['first']['template'])->toEqualWithDelta($told['second']['template'], 1e-9)
            ->and($told['widthStep'])->toBe(0.0);
    })->with([10.0, 50.0, 90.0, 159.0]);

    it('of unequal tubes makes both faces equally long', function (): void {
        $told = Calculators::run('mitre', ['deflection' => 50, 'first' => ['diameter' => 50], 'second' => ['diameter' => 40]]);
        expect(50 / cos(deg2rad($told['first']['cutAngle'])))->toEqualWithDelta(40 / cos(deg2rad($told['second']['cutAngle'])), 1e-9)
            ->and($told['first']['cutAngle'] + $told['second']['cutAngle'])->toEqualWithDelta(50.0, 1e-9);
    });

    it('of rectangular tube runs flat along its long and short face, and the wrap comes round', function (): void {
        $template = Calculators::run('mitre', ['deflection' => 60, 'first' => ['shape' => 'rectangular', 'height' => 60, 'width' => 40, 'cornerRadius' => 5], 'paper' => 0])['first']['template'];
        expect($template)->toHaveCount(10)->and($template[1]['cutBack'])->toBe(0.0)->and($template[4]['cutBack'])->toEqualWithDelta(60 * tan(deg2rad(30)), 1e-9)->and($template[5]['cutBack'])->toEqualWithDelta($template[4]['cutBack'], 1e-12)
            ->and($template[9]['wrap'])->toEqualWithDelta(2 * (50 + 30) + 2 * M_PI * 5, 1e-9)->and($template[9]['cutBack'])->toBe(0.0);
    });

    it('is refused where a cope is meant, and where nothing is left', function (array $given, string $path): void {
        expect(fn () => Calculators::run('mitre', $given))->toThrow(InvalidFields::class, $path);
    })->with([
        'far thinner' => [['deflection' => 30, 'first' => ['diameter' => 100], 'second' => ['diameter' => 40]], 'first'],
        'straight' => [['deflection' => 0, 'first' => ['diameter' => 40]], 'deflection'],
        'folded back' => [['deflection' => 160, 'first' => ['diameter' => 40]], 'deflection'],
        'short edge' => [['deflection' => 90, 'first' => ['diameter' => 40, 'centreLength' => 20]], 'first.centreLength'],
        'wall' => [['deflection' => 90, 'first' => ['diameter' => 40, 'wall' => 20]], 'first.wall'],
        'mixed up' => [['deflection' => 90, 'first' => ['diameter' => 40, 'height' => 20]], 'first.height'],
        'corner' => [['deflection' => 90, 'first' => ['shape' => 'rectangular', 'height' => 40, 'width' => 20, 'cornerRadius' => 11]], 'first.cornerRadius'],
    ]);
});

describe('a cope', function (): void {
    it('lets no ray along the wall pass the header before the cut', function (array $header, float $angle, float $offset): void {
        // Marched along real rays of the branch's wall until they leave the header, from far inside outward.
        $given = ['branch' => ['diameter' => 48, 'wall' => 6], 'header' => $header, 'angle' => $angle, 'offset' => $offset, 'stations' => 24];
        foreach (Calculators::run('cope', $given)['stations'] as $station) {
            $clock = deg2rad($station['clock']);
            $last = -INF;
            for ($r = 18.0; $r <= 24.0 + 1e-9; $r += 0.25) {
                $last = max($last, leavesHeader($header, $angle, $offset, $clock, $r));
            }
            expect($station['cut'])->toBeGreaterThanOrEqual($last - 1e-3)
                ->and($station['cut'])->toEqualWithDelta($last, 0.02);
        }
    })->with([
        'round, square' => [['shape' => 'round', 'diameter' => 60], 90.0, 0.0],
        'round, slanted' => [['shape' => 'round', 'diameter' => 50], 45.0, 0.0],
        'round, beside' => [['shape' => 'round', 'diameter' => 70], 60.0, 8.0],
        'box' => [['shape' => 'box', 'width' => 60, 'height' => 50, 'cornerRadius' => 6], 55.0, 3.0],
        'flat' => [['shape' => 'flat'], 50.0, 0.0],
    ]);

    it('on the other side is its mirror image', function (): void {
        $given = ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['diameter' => 60], 'angle' => 60, 'stations' => 36];
        $cut = fn (float $offset): array => array_column(Calculators::run('cope', [...$given, 'offset' => $offset])['stations'], 'cut');
        [$one, $other] = [$cut(5.0), $cut(-5.0)];
        expect(array_map(fn (int $i): float => $other[(36 - $i) % 36], range(0, 35)))->toEqualWithDelta($one, 1e-9);
    });

    it('makes the blank between two copes as long as its feet stand apart, less what both go beyond', function (): void {
        $end = ['header' => ['diameter' => 45], 'angle' => 60, 'offset' => 3];
        $told = Calculators::run('cope', ['branch' => ['diameter' => 38, 'wall' => 2.5], ...$end, 'nodeLength' => 620, 'other' => $end]);
        expect($told['blank'])->toEqualWithDelta(620 - 2 * $told['least'], 1e-9)->toEqualWithDelta(596.97, 0.01)
            ->and($told['holeSaw']['depth'])->toEqualWithDelta(44.0, 0.01);
    });

    it('is refused where the branch hangs over, and what is of another header', function (array $change, string $path): void {
        expect(fn () => Calculators::run('cope', ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['diameter' => 45], 'angle' => 60, ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'over' => [['offset' => 4], 'offset'],
        'thick' => [['branch' => ['diameter' => 38, 'wall' => 19]], 'branch.wall'],
        'flat, beside' => [['header' => ['shape' => 'flat'], 'offset' => 1], 'offset'],
        'other without length' => [['other' => ['header' => ['diameter' => 45], 'angle' => 60]], 'nodeLength'],
        'nothing left' => [['nodeLength' => 5], 'nodeLength'],
        'mixed up' => [['header' => ['diameter' => 45, 'width' => 50]], 'header.width'],
        'missing' => [['header' => ['shape' => 'box', 'width' => 50]], 'header.height'],
        'too flat' => [['angle' => 9], 'angle'],
    ]);
});

/** How far along the branch a line of its wall leaves the header, by small steps from the inside. */
function leavesHeader(array $header, float $angle, float $offset, float $clock, float $r): float
{
    [$cos, $sin] = [cos(deg2rad($angle)), sin(deg2rad($angle))];
    $inside = function (float $s) use ($header, $offset, $clock, $r, $cos, $sin): bool {
        $y = $offset + $r * sin($clock);
        $z = $s * $sin + $r * cos($clock) * $cos;
        if ($header['shape'] === 'flat') {
            return $z < 0.0;
        }
        if ($header['shape'] === 'round') {
            return $y ** 2 + $z ** 2 < ($header['diameter'] / 2) ** 2;
        }
        [$c, $h] = [$header['width'] / 2 - $header['cornerRadius'], $header['height'] / 2 - $header['cornerRadius']];

        return max(0.0, abs($y) - $c) ** 2 + max(0.0, abs($z) - $h) ** 2 < $header['cornerRadius'] ** 2 || (abs($y) < $c && abs($z) < $header['height'] / 2) || (abs($z) < $h && abs($y) < $header['width'] / 2);
    };
    [$low, $high] = [-400.0, 400.0];
    $last = -400.0;
    for ($s = $low; $s < $high; $s += 0.5) {
        if ($inside($s)) {
            $last = $s;
        }
    }
    [$a, $b] = [$last, $last + 0.5];
    for ($i = 0; $i < 40; $i++) {
        $middle = ($a + $b) / 2;
        $inside($middle) ? $a = $middle : $b = $middle;
    }

    return $a;
}

describe('the clock of two copes', function (): void {
    $given = ['from' => [0, 0, 0], 'to' => [520, 140, 310], 'fromHeader' => ['direction' => [1, 0, 0], 'through' => [0, 3, -1]], 'toHeader' => ['direction' => [0, 1, 0], 'through' => [522, 140, 308]], 'diameter' => 38];

    it('does not care which way round a header was measured', function () use ($given): void {
        $turned = $given;
        $turned['fromHeader']['direction'] = [-2, 0, 0];
        $turned['toHeader']['direction'] = [0, -0.1, 0];
        expect(Calculators::run('clock', $turned))->toEqualWithDelta(Calculators::run('clock', $given), 1e-9);
    });

    it('is the same seen from the other end, with the ends exchanged', function () use ($given): void {
        $back = Calculators::run('clock', [...$given, 'from' => $given['to'], 'to' => $given['from'], 'fromHeader' => $given['toHeader'], 'toHeader' => $given['fromHeader']]);
        $there = Calculators::run('clock', $given);
        expect($back['clock'])->toEqualWithDelta($there['clock'], 1e-9)
            ->and($back['from']['offset'])->toEqualWithDelta($there['to']['offset'], 1e-9)
            ->and($back['nodeLength'])->toEqualWithDelta($there['nodeLength'], 1e-9);
    });

    it('of the mirrored vehicle is the mirror part', function () use ($given): void {
        $flip = fn (array $v): array => [$v[0], -$v[1], $v[2]];
        $mirrored = Calculators::run('clock', [...$given, 'from' => $flip($given['from']), 'to' => $flip($given['to']), 'fromHeader' => array_map($flip, $given['fromHeader']), 'toHeader' => array_map($flip, $given['toHeader'])]);
        $there = Calculators::run('clock', $given);
        expect($mirrored['clock'])->toEqualWithDelta($there['mirror']['clock'], 1e-9)
            ->and($mirrored['from']['offset'])->toEqualWithDelta($there['mirror']['fromOffset'], 1e-9)
            ->and($mirrored['to']['offset'])->toEqualWithDelta($there['mirror']['toOffset'], 1e-9);
    });

    it('is refused for headers along the branch and nodes that are one', function (array $change, string $path) use ($given): void {
        expect(fn () => Calculators::run('clock', [...$given, ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'along' => [['fromHeader' => ['direction' => [520, 140, 310]]], 'fromHeader.direction'],
        'one node' => [['to' => [0, 0, 0]], 'to'],
        'no direction' => [['toHeader' => ['direction' => [0, 0, 0]]], 'toHeader.direction'],
        'crossed' => [['fromHeader' => ['direction' => [0, 0, 1], 'through' => [600, 160, 0]]], 'toHeader.through'],
    ]);
});

describe('plugs', function (): void {
    it('keep four diameters, their ends and what is barred, on a bent seam', function (): void {
        mt_srand(11);
        for ($round = 0; $round < 30; $round++) {
            $holes = array_map(fn (): array => ['at' => [mt_rand(0, 600), mt_rand(-40, 40)], 'diameter' => mt_rand(8, 20)], range(1, 3));
            $keep = [['from' => $from = mt_rand(50, 500), 'to' => $from + mt_rand(5, 60)]];
            $given = ['thickness' => 5, 'seam' => [[0, 0], [400, 0], [400, 300]], 'holes' => $holes, 'keepOut' => $keep, 'pitch' => mt_rand(56, 90)];
            $told = Calculators::run('plugs', $given);
            $along = array_column($told['plugs'], 'along');
            foreach ($along as $i => $at) {
                expect($at)->toBeGreaterThanOrEqual(28 - 1e-6)->toBeLessThanOrEqual(672 + 1e-6)
                    ->and($at <= $keep[0]['from'] + 1e-6 || $at >= $keep[0]['to'] - 1e-6)->toBeTrue();
                if ($i > 0) {
                    expect($at - $along[$i - 1])->toBeGreaterThanOrEqual(56 - 1e-6);
                }
                foreach ($holes as $hole) {
                    expect(hypot($told['plugs'][$i]['at'][0] - $hole['at'][0], $told['plugs'][$i]['at'][1] - $hole['at'][1]))->toBeGreaterThanOrEqual($hole['diameter'] / 2 + 28 - 1e-6);
                }
            }
            expect($told['count'] + count($told['omitted']))->toBe((int) floor(644 / $given['pitch']) + 1);
        }
    });

    it('are refused where they cannot be', function (array $change, string $path): void {
        expect(fn () => Calculators::run('plugs', ['thickness' => 5, 'seam' => [[0, 0], [600, 0]], ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'thin' => [['diameter' => 12], 'diameter'],
        'fat' => [['diameter' => 20], 'diameter'],
        'close' => [['pitch' => 50], 'pitch'],
        'short' => [['seam' => [[0, 0], [50, 0]]], 'seam'],
        'closer than they may' => [['greatestPitch' => 40], 'greatestPitch'],
        'backward' => [['keepOut' => [['from' => 20, 'to' => 10]]], 'keepOut[0].to'],
        'nowhere' => [['keepOut' => [['from' => -10, 'to' => 700]]], 'seam'],
        'a corner twice' => [['seam' => [[0, 0], [0, 0], [600, 0]]], 'seam[1]'],
    ]);
});

describe('two tapes', function (): void {
    $holes = ['first' => ['at' => [0, 0], 'distance' => 800], 'second' => ['at' => [1000, 0], 'distance' => 600], 'side' => 'left'];

    it('meet where both say, on the side that was named', function () use ($holes): void {
        expect(Calculators::run('two-tape', $holes)['at'])->toEqualWithDelta([640.0, 480.0], 1e-9)
            ->and(Calculators::run('two-tape', [...$holes, 'side' => 'right'])['at'])->toEqualWithDelta([640.0, -480.0], 1e-9);
    });

    it('held to an edge read as much less or more as the hole is wide', function () use ($holes): void {
        $edge = [...$holes, 'first' => ['at' => [0, 0], 'distance' => 793, 'diameter' => 14, 'edge' => 'near'], 'second' => ['at' => [1000, 0], 'distance' => 605, 'diameter' => 10, 'edge' => 'far']];
        expect(Calculators::run('two-tape', $edge)['at'])->toEqualWithDelta([640.0, 480.0], 1e-9);
    });

    it('lay out again the mark that they were read from', function (): void {
        $wanted = Calculators::run('two-tape', ['target' => [640, 480], 'holes' => [['id' => 'A', 'at' => [0, 0], 'diameter' => 14, 'edge' => 'near'], ['id' => 'B', 'at' => [1000, 0]], ['id' => 'C', 'at' => [600, -400]]]]);
        $found = Calculators::run('two-tape', ['first' => ['at' => [0, 0], 'diameter' => 14, 'edge' => 'near', 'distance' => $wanted['firstReading']], 'second' => ['at' => [1000, 0], 'distance' => $wanted['secondReading']], 'side' => 'left', 'third' => ['at' => [600, -400], 'distance' => $wanted['check']['reading']]]);
        expect($found['at'])->toEqualWithDelta([640.0, 480.0], 1e-9)
            ->and($found['check']['agrees'])->toBeTrue()
            ->and([$found['check']['low'], $found['check']['high']])->toEqualWithDelta([$wanted['check']['low'], $wanted['check']['high']], 1e-9);
    });

    it('are as unsure as trying shows', function () use ($holes): void {
        mt_srand(5);
        $told = Calculators::run('two-tape', [...$holes, 'second' => ['at' => [1000, 0], 'distance' => 900]]);
        $chance = fn (): float => sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * mt_rand(0, 1_000_000) / 1_000_000);
        $squares = 0.0;
        for ($i = 0; $i < 3000; $i++) {
            [$a, $b] = [800 + $chance(), 900 + $chance()];
            $x = (1000 ** 2 + $a ** 2 - $b ** 2) / 2000;
            $squares += ($x - $told['at'][0]) ** 2 + (sqrt($a ** 2 - $x ** 2) - $told['at'][1]) ** 2;
        }
        expect(sqrt($squares / 3000))->toEqualWithDelta($told['sigma'], 0.06)
            ->and(hypot(...$told['ellipse']))->toEqualWithDelta($told['sigma'], 1e-9);
    });

    it('are refused where they do not meet or cross too flat', function (array $given, string $path): void {
        expect(fn () => Calculators::run('two-tape', $given))->toThrow(InvalidFields::class, $path);
    })->with([
        'too short' => [[...$holes, 'second' => ['at' => [1000, 0], 'distance' => 100]], 'second'],
        'flat' => [[...$holes, 'second' => ['at' => [1000, 0], 'distance' => 205]], 'second'],
        'edge of nothing' => [[...$holes, 'first' => ['at' => [0, 0], 'distance' => 800, 'edge' => 'near']], 'first.diameter'],
        'both ways' => [[...$holes, 'target' => [1, 1], 'holes' => []], 'first'],
        'one tape' => [['first' => ['at' => [0, 0], 'distance' => 1], 'side' => 'left'], 'second'],
        'one name' => [['target' => [500, 500], 'holes' => [['id' => 'A', 'at' => [0, 0]], ['id' => 'A', 'at' => [900, 0]]]], 'holes[1].id'],
        'none in reach' => [['target' => [640, 480], 'reach' => 100, 'holes' => [['id' => 'A', 'at' => [0, 0]], ['id' => 'B', 'at' => [900, 0]]]], 'holes'],
    ]);
});

describe('a gauge length', function (): void {
    it('grows by the change once all joints have shrunk', function (string $joint, float $change): void {
        $told = Calculators::run('gauge-length', ['joint' => $joint, 'change' => $change, 'gauge' => 500, 'kerf' => 2.5, 'rootGap' => 2, 'shrinkage' => 0.5]);
        expect($told['stages']['cold'])->toBe(500.0 + $change)
            ->and($told['stages']['tacked'] - $told['stages']['cold'])->toEqualWithDelta($joint === 'insert' ? 1.0 : 0.5, 1e-9)
            ->and($told['readings'])->toBeNull();
    })->with([['insert', 300.0], ['band', -200.0], ['gap', 4.0]]);

    it('is refused where nothing is left', function (array $change, string $path): void {
        expect(fn () => Calculators::run('gauge-length', ['joint' => 'band', 'change' => -100, 'gauge' => 300, 'kerf' => 2, ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'longer' => [['change' => 10], 'change'],
        'not spanned' => [['gauge' => 90], 'gauge'],
        'eaten' => [['change' => -3], 'kerf'],
        'no insert' => [['joint' => 'insert'], 'change'],
        'into each other' => [['joint' => 'gap'], 'change'],
        'within the cut' => [['gauge' => 2], 'gauge'],
    ]);
});

describe('a cut list', function (): void {
    it('saws every part once, on bars that hold them', function (): void {
        mt_srand(3);
        for ($round = 0; $round < 12; $round++) {
            $parts = array_map(fn (int $i): array => ['id' => "p$i", 'length' => mt_rand(200, 2500), 'count' => mt_rand(1, 3)], range(1, mt_rand(3, 14)));
            $told = Calculators::run('cut-list', ['stock' => [['id' => 'bar', 'length' => 6000], ['id' => 'rest', 'length' => 2700, 'count' => 2]], 'parts' => $parts, 'kerf' => 3, 'trim' => 10]);
            $lengths = array_column($parts, 'length', 'id');
            foreach ($told['bars'] as $bar) {
                $sum = array_sum(array_map(fn (string $id): float => $lengths[$id] + 3, $bar['parts']));
                expect($sum)->toBeLessThanOrEqual(($bar['stock'] === 'bar' ? 6000 : 2700) - 20 + 3 + 1e-6);
            }
            expect(array_count_values(array_merge(...array_column($told['bars'], 'parts'))))->toEqual(array_column($parts, 'count', 'id'))
                ->and(count(array_keys(array_column($told['bars'], 'stock'), 'rest', true)))->toBeLessThanOrEqual(2);
        }
    });

    it('is the best there is, as trying everything shows', function (): void {
        mt_srand(9);
        for ($round = 0; $round < 15; $round++) {
            $lengths = array_map(fn (): int => mt_rand(300, 1900), range(1, 7));
            $told = Calculators::run('cut-list', ['stock' => [['id' => 'bar', 'length' => 3000]], 'parts' => array_map(fn (int $i, int $l): array => ['id' => "p$i", 'length' => $l], array_keys($lengths), $lengths), 'kerf' => 2]);
            expect($told['barsUsed'])->toBe(fewestBars($lengths, []))
                ->and($told['proven'])->toBeTrue();
        }
    });

    it('knows that three long parts are three bars, whatever the sum says', function (): void {
        $told = Calculators::run('cut-list', ['stock' => [['id' => 'bar', 'length' => 6000]], 'parts' => [['id' => 'p', 'length' => 3100, 'count' => 3]], 'kerf' => 3, 'trim' => 10]);
        expect([$told['barsUsed'], $told['barsBound'], $told['proven']])->toBe([3, 2, true]);
    });

    it('takes an off-cut before a new bar', function (): void {
        $told = Calculators::run('cut-list', ['stock' => [['id' => 'bar', 'length' => 6000], ['id' => 'rest', 'length' => 1900, 'count' => 1]], 'parts' => [['id' => 'p', 'length' => 1800]]]);
        expect($told['bars'][0]['stock'])->toBe('rest')->and($told['stockLength'])->toBe(1900.0);
    });

    it('is refused', function (array $change, string $path): void {
        expect(fn () => Calculators::run('cut-list', ['stock' => [['id' => 'bar', 'length' => 3000, 'count' => 1]], 'parts' => [['id' => 'p', 'length' => 1200]], ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'too long' => [['parts' => [['id' => 'p', 'length' => 3001]]], 'parts[0].length'],
        'not enough' => [['parts' => [['id' => 'p', 'length' => 1200, 'count' => 3]]], 'stock'],
        'kerf' => [['kerf' => 1200], 'kerf'],
        'twice' => [['parts' => [['id' => 'p', 'length' => 1], ['id' => 'p', 'length' => 2]], 'kerf' => 0.1], 'parts[1].id'],
        'none' => [['parts' => [['id' => 'p', 'length' => 9, 'count' => 0]]], 'parts[0].count'],
    ]);
});

/** Every way of putting parts on bars of 3000 with a kerf of 2, one part after the other. */
function fewestBars(array $lengths, array $bars): int
{
    if ($lengths === []) {
        return count($bars);
    }
    $first = array_shift($lengths);
    $best = fewestBars($lengths, [...$bars, $first + 2]);
    foreach ($bars as $i => $used) {
        if ($used + $first + 2 <= 3002) {
            $best = min($best, fewestBars($lengths, array_replace($bars, [$i => $used + $first + 2])));
        }
    }

    return $best;
}

describe('parts on sheets', function (): void {
    /** What is wrong with a layout, by brute distances of many points along all edges. */
    $faults = function (array $given, array $told): array {
        $outlines = array_column($given['parts'], 'outline', 'id');
        $sheets = array_column($given['sheets'], null, 'id');
        $lying = $faults = [];
        foreach ($told['placements'] as $one) {
            [$cos, $sin] = [cos(deg2rad($one['rotation'])), sin(deg2rad($one['rotation']))];
            $corners = array_map(fn (array $p): array => [$p[0] * $cos - $p[1] * $sin + $one['at'][0], $p[0] * $sin + $p[1] * $cos + $one['at'][1]], $outlines[$one['part']]);
            foreach ($corners as [$x, $y]) {
                if (min($x, $y, $sheets[$one['sheet']]['width'] - $x, $sheets[$one['sheet']]['height'] - $y) < $given['border'] - 1e-6) {
                    $faults[] = "{$one['part']} over the border";
                }
            }
            $points = [];
            foreach ($corners as $i => $a) {
                $b = $corners[($i + 1) % count($corners)];
                for ($t = 0; $t < 20; $t++) {
                    $points[] = [$a[0] + ($b[0] - $a[0]) * $t / 20, $a[1] + ($b[1] - $a[1]) * $t / 20];
                }
            }
            $on = $one['sheet'].$one['sheetNumber'];
            foreach ($lying[$on] ?? [] as $other) {
                foreach ($points as $p) {
                    foreach ($other as $q) {
                        if (hypot($p[0] - $q[0], $p[1] - $q[1]) < $given['bridge'] - 1e-6) {
                            $faults[] = "{$one['part']} too near";
                        }
                    }
                }
            }
            $lying[$on][] = $points;
        }

        return array_values(array_unique($faults));
    };

    it('lie apart and within, each counted once', function () use ($faults): void {
        mt_srand(4);
        for ($round = 0; $round < 4; $round++) {
            $parts = array_map(fn (int $i): array => ['id' => "p$i", 'outline' => [[[0, 0], [$w = mt_rand(60, 200), 0], [$w, $h = mt_rand(40, 150)], [0, $h]], [[0, 0], [mt_rand(80, 200), 0], [0, mt_rand(80, 160)]], [[0, 0], [120, 0], [120, 40], [40, 40], [40, 120], [0, 120]]][$i % 3], 'count' => mt_rand(1, 2)], range(1, 5));
            $given = ['sheets' => [['id' => 'S', 'width' => 500, 'height' => 400]], 'parts' => $parts, 'border' => 8, 'bridge' => 4];
            $told = Calculators::run('nest', $given);
            expect($faults($given, $told))->toBe([])
                ->and(array_count_values(array_column($told['placements'], 'part')))->toEqual(array_column($parts, 'count', 'id'))
                ->and($told['unplaced'])->toBe([]);
        }
    });

    it('put two triangles on a sheet on which their boxes do not go', function () use ($faults): void {
        $given = ['sheets' => [['id' => 'A', 'width' => 470, 'height' => 330]], 'parts' => [['id' => 'gusset', 'outline' => [[0, 0], [400, 0], [0, 300]], 'count' => 2]], 'border' => 5, 'bridge' => 5];
        $told = Calculators::run('nest', $given);
        expect($told['sheetsUsed'])->toBe(1)
            ->and($faults($given, $told))->toBe([])
            ->and($told['utilisation'])->toEqualWithDelta(0.7737, 1e-3);
    });

    it('leave over what the sheets do not hold, and turn nothing that may not be turned', function (): void {
        $told = Calculators::run('nest', ['sheets' => [['id' => 'A', 'width' => 220, 'height' => 120, 'count' => 1]], 'parts' => [['id' => 'p', 'outline' => [[0, 0], [180, 0], [180, 90], [0, 90]], 'count' => 2, 'rotations' => [0]]]]);
        expect($told['unplaced'])->toBe(['p'])->and($told['placements'][0]['rotation'])->toBe(0.0);
        expect(fn () => Calculators::run('nest', ['sheets' => [['id' => 'A', 'width' => 120, 'height' => 220]], 'parts' => [['id' => 'p', 'outline' => [[0, 0], [180, 0], [180, 90], [0, 90]], 'rotations' => [0]]]]))->toThrow(InvalidFields::class, 'fits no empty sheet');
    });

    it('are refused', function (array $change, string $path): void {
        expect(fn () => Calculators::run('nest', ['sheets' => [['id' => 'A', 'width' => 500, 'height' => 500]], 'parts' => [['id' => 'p', 'outline' => [[0, 0], [100, 0], [100, 100], [0, 100]]]], ...$change]))->toThrow(InvalidFields::class, $path);
    })->with([
        'bow tie' => [['parts' => [['id' => 'p', 'outline' => [[0, 0], [100, 100], [100, 0], [0, 100]]]]], 'parts[0].outline'],
        'two corners' => [['parts' => [['id' => 'p', 'outline' => [[0, 0], [100, 0]]]]], 'parts[0].outline'],
        'narrow bridge' => [['bridge' => 2], 'bridge'],
        'thick plate' => [['thickness' => 8, 'bridge' => 6], 'bridge'],
        'twice' => [['sheets' => [['id' => 'A', 'width' => 500, 'height' => 500], ['id' => 'A', 'width' => 500, 'height' => 500]]], 'sheets[1].id'],
    ]);
});

describe('a contour from a photograph', function (): void {
    /** A camera that looks at the face askew. */
    $camera = fn (float $x, float $y): array => [(2.0 * $x + 0.3 * $y + 900) / (1 + 0.0002 * $x + 0.0001 * $y), (0.1 * $x - 1.9 * $y + 1500) / (1 + 0.0002 * $x + 0.0001 * $y)];
    $given = fn (array $places): array => ['control' => array_map(fn (array $at): array => ['pixel' => $camera(...$at), 'at' => $at], $places), 'contour' => array_map(fn (array $at): array => $camera(...$at), [[50, 40], [600, 30], [610, 150]])];
    $corners = [[0, 0], [700, 0], [700, 180], [0, 180]];

    it('comes back as it is on the face', function () use ($given, $corners): void {
        $told = Calculators::run('photo-contour', $given($corners));
        expect(array_column($told['points'], 'at'))->toEqualWithDelta([[50, 40], [600, 30], [610, 150]], 1e-6)
            ->and($told['varianceFactor'])->toBeNull()
            ->and($told['area'])->toEqualWithDelta(abs((550 * 110 - 560 * -10) / 2), 1e-4);
    });

    it('is surer with more points, and less sure outside of them', function () use ($given, $corners): void {
        $four = Calculators::run('photo-contour', $given($corners));
        $six = Calculators::run('photo-contour', $given([...$corners, [350, 0], [350, 180]]));
        $outside = Calculators::run('photo-contour', [...$given($corners), 'contour' => [[3000, 500]], 'closed' => false]);
        expect($six['points'][0]['sigma'][0])->toBeLessThan($four['points'][0]['sigma'][0])
            ->and($outside['points'][0]['inside'])->toBeFalse()
            ->and($outside['points'][0]['sigma'][0])->toBeGreaterThan($four['points'][0]['sigma'][0])
            ->and($outside['area'])->toBeNull();
    });

    it('does not change when picture and face are turned and enlarged', function () use ($given, $corners): void {
        $plain = $given($corners);
        $turned = $plain;
        foreach ($turned['control'] as &$one) {
            $one['at'] = [$one['at'][1] + 100, -$one['at'][0] + 900];
        }
        $sigma = fn (array $told): array => array_column($told['points'], 'sigma');
        expect(array_map(array_reverse(...), $sigma(Calculators::run('photo-contour', $turned))))->toEqualWithDelta($sigma(Calculators::run('photo-contour', $plain)), 1e-6);
    });

    it('is refused where it cannot be held', function (Closure $change, string $path) use ($given, $corners): void {
        expect(fn () => Calculators::run('photo-contour', $change($given($corners))))->toThrow(InvalidFields::class, $path);
    })->with([
        'three points' => [fn (array $all): array => [...$all, 'control' => array_slice($all['control'], 0, 3)], 'control'],
        'two alike' => [fn (array $all): array => [...$all, 'control' => [...$all['control'], $all['control'][0]]], 'control[4].pixel'],
        'in a line' => [fn (array $all): array => [...$all, 'control' => array_map(fn (int $i): array => ['pixel' => [100 * $i, 50 * $i], 'at' => [10 * $i, 5 * $i]], range(1, 5))], 'control'],
        'beyond the horizon' => [fn (array $all): array => [...$all, 'contour' => [[-900000, 0], [900000, 0]]], 'control'],
        'relief without camera' => [fn (array $all): array => [...$all, 'relief' => 5], 'camera'],
        'relief up to the camera' => [fn (array $all): array => [...$all, 'relief' => 500, 'camera' => ['above' => [0, 0], 'distance' => 500]], 'relief'],
        'no contour' => [fn (array $all): array => [...$all, 'contour' => []], 'contour'],
    ]);
});
