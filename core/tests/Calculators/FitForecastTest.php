<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

/** @return array<string, mixed> four bolts of a bracket */
function bracket(array $more = []): array
{
    return ['firstSigma' => 0.4, 'secondSigma' => 0.4, 'play' => 1, 'holes' => [['id' => 'a', 'at' => [0, 0]], ['id' => 'b', 'at' => [300, 0]], ['id' => 'c', 'at' => [300, 200]], ['id' => 'd', 'at' => [0, 200]]], ...$more];
}

/** A normal number by Box and Muller. */
function gaussian(): float
{
    return sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
}

describe('whether bolts enter', function (): void {
    it('lies between both bounds when patterns are made up and fitted as well as they can be', function (): void {
        mt_srand(11);
        $told = Calculators::run('fit-forecast', bracket());
        $places = [[-150, -100], [150, -100], [150, 100], [-150, 100]];
        $entered = 0;
        for ($n = 0; $n < 1500; $n++) {
            $off = array_map(fn (): array => [0.4 * M_SQRT2 * gaussian(), 0.4 * M_SQRT2 * gaussian()], $places);
            // Shift and turn moved down the greatest mismatch: a subgradient search, which never says yes wrongly.
            [$sx, $sy, $turn] = [0.0, 0.0, 0.0];
            $step = 0.4;
            for ($k = 0; $k < 120; $k++) {
                $worst = [0.0, 0.0, 0.0, 0];
                foreach ($places as $i => [$x, $y]) {
                    [$u, $v] = [$off[$i][0] + $sx - $turn * $y, $off[$i][1] + $sy + $turn * $x];
                    $worst = hypot($u, $v) > $worst[0] ? [hypot($u, $v), $u, $v, $i] : $worst;
                }
                if ($worst[0] <= 1.0) {
                    $entered++;
                    break;
                }
                [$x, $y] = $places[$worst[3]];
                [$sx, $sy, $turn] = [$sx - $step * $worst[1] / $worst[0], $sy - $step * $worst[2] / $worst[0], $turn - $step * ($worst[2] * $x - $worst[1] * $y) / $worst[0] / 32500];
                $step *= 0.97;
            }
        }
        expect($entered / 1500)->toBeGreaterThan($told['lower'] - 0.03)->toBeLessThan($told['upper'] + 0.03);
    });

    it('does not change when the pattern is moved, turned, or counted from elsewhere', function (): void {
        $one = Calculators::run('fit-forecast', bracket());
        $other = Calculators::run('fit-forecast', bracket(['holes' => array_map(fn (array $hole): array => ['id' => $hole['id'], 'at' => [0.6 * $hole['at'][0] - 0.8 * $hole['at'][1] + 5000, 0.8 * $hole['at'][0] + 0.6 * $hole['at'][1] - 900]], bracket()['holes'])]));
        expect($other['lower'])->toEqualWithDelta($one['lower'], 1e-9)
            ->and($other['upper'])->toEqualWithDelta($one['upper'], 1e-9)
            ->and($other['holes'][2]['residualSigma'])->toEqualWithDelta($one['holes'][2]['residualSigma'], 1e-9);
    });

    it('forgives what a shift or a small turn takes out, and nothing else', function (): void {
        $shifted = Calculators::run('fit-forecast', bracket(['holes' => array_map(fn (array $hole): array => [...$hole, 'deviation' => [2.0 - 0.001 * $hole['at'][1], -1.0 + 0.001 * $hole['at'][0]]], bracket()['holes'])]));
        $spread = Calculators::run('fit-forecast', bracket(['holes' => array_map(fn (array $hole): array => [...$hole, 'deviation' => [$hole['id'] === 'b' ? 1.0 : 0.0, 0.0]], bracket()['holes'])]));
        expect($shifted['lower'])->toEqualWithDelta(Calculators::run('fit-forecast', bracket())['lower'], 1e-9)
            ->and($spread['lower'])->toBeLessThan($shifted['lower'])
            ->and($spread['holes'][1]['residual'][0])->toEqualWithDelta(1 - 0.25 - 100 ** 2 / (4 * (150 ** 2 + 100 ** 2)), 1e-9)
            ->and($spread['worst'])->toBe('b');
    });

    it('is a chance of distance alone for two bolts', function (): void {
        $told = Calculators::run('fit-forecast', ['firstSigma' => 0.5, 'holes' => [['id' => 'a', 'at' => [0, 0], 'play' => 0.5], ['id' => 'b', 'at' => [0, 400], 'bolt' => 10, 'firstHole' => 11, 'secondHole' => 10.4]]]);
        // The distance is known to 0.5 √2 and may be off by 0.5 + 0.7: 91.0 % by the table of the normal distribution.
        expect($told['lower'])->toEqualWithDelta(0.9103, 1e-4)
            ->and($told['upper'])->toBe($told['lower'])
            ->and($told['leaveUndrilled'])->toBeNull()
            ->and($told['advice'])->toBe('match-drill');
    });

    it('agrees with a closed form where both axes are alike', function (): void {
        // A hole far from many others keeps most of its own noise: its chance tends to that of a round one, 1 − exp(−c²/2σ²).
        $holes = [['id' => 'middle', 'at' => [0, 0]]];
        for ($i = 0; $i < 12; $i++) {
            $holes[] = ['id' => "h$i", 'at' => [400 * cos(2 * M_PI * $i / 12), 400 * sin(2 * M_PI * $i / 12)]];
        }
        $told = Calculators::run('fit-forecast', ['firstSigma' => 0.5, 'play' => 1, 'holes' => $holes]);
        $variance = 0.25 * (1 - 1 / 13);
        expect($told['holes'][0]['residualSigma'])->toEqualWithDelta([sqrt($variance), sqrt($variance)], 1e-9)
            ->and($told['holes'][0]['probability'])->toEqualWithDelta(1 - exp(-1 / (2 * $variance)), 1e-7);
    });

    it('advises by how sure it is', function (float $sigma, string $advice): void {
        expect(Calculators::run('fit-forecast', bracket(['firstSigma' => $sigma, 'secondSigma' => 0]))['advice'])->toBe($advice);
    })->with([[0.1, 'drill-all'], [0.43, 'leave-one'], [0.8, 'match-drill']]);

    it('leaves that hole undrilled without which the others enter most surely', function (): void {
        $holes = [...bracket()['holes'], ['id' => 'tight', 'at' => [150, 100], 'play' => 0.2]];
        $told = Calculators::run('fit-forecast', bracket(['holes' => $holes]));
        expect($told['leaveUndrilled'])->toBe('tight')
            ->and($told['worst'])->toBe('tight')
            ->and($told['lowerWithout'])->toEqualWithDelta(Calculators::run('fit-forecast', bracket())['lower'], 1e-12);
    });

    it('is refused where it cannot be said', function (array $given, string $path): void {
        expect(fn () => Calculators::run('fit-forecast', bracket($given)))->toThrow(InvalidFields::class, $path);
    })->with([
        'one hole' => [['holes' => [['id' => 'a', 'at' => [0, 0]]]], 'holes'],
        'a name twice' => [['holes' => [['id' => 'a', 'at' => [0, 0]], ['id' => 'a', 'at' => [9, 0]]]], 'holes[1].id'],
        'one place' => [['holes' => [['id' => 'a', 'at' => [0, 0]], ['id' => 'b', 'at' => [0.5, 0]]]], 'holes[1].at'],
        'no sigma' => [['firstSigma' => 0, 'secondSigma' => 0], 'holes[0].sigma'],
        'no play' => [['play' => null], 'holes[0].play'],
        'play and bolt' => [['holes' => [['id' => 'a', 'at' => [0, 0], 'play' => 1, 'bolt' => 10, 'firstHole' => 11, 'secondHole' => 11], ['id' => 'b', 'at' => [9, 0]]]], 'holes[0].play'],
        'half a bolt' => [['holes' => [['id' => 'a', 'at' => [0, 0], 'bolt' => 10, 'firstHole' => 11], ['id' => 'b', 'at' => [9, 0]]]], 'holes[0]'],
        'too thick' => [['holes' => [['id' => 'a', 'at' => [0, 0], 'bolt' => 11, 'firstHole' => 10, 'secondHole' => 13], ['id' => 'b', 'at' => [9, 0]]]], 'does not pass'],
        'no room' => [['holes' => [['id' => 'a', 'at' => [0, 0], 'bolt' => 10, 'firstHole' => 10, 'secondHole' => 10], ['id' => 'b', 'at' => [9, 0]]]], 'does not pass'],
    ]);
});
