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
