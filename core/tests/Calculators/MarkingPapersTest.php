<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

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
