<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

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
