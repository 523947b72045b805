<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\UnknownCalculator;
use Geodex\Core\Failure\Refusal;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Tests\Support\Said;

/** Whether what came out holds what was expected: numbers to a thousandth of themselves, only the keys that are named. A minimum is found to 1e-3 by each. */
function holds(mixed $expected, mixed $is, string $at): void
{
    if (is_array($expected)) {
        foreach ($expected as $key => $value) {
            expect($is)->toHaveKey($key, message: "$at.$key");
            holds($value, $is[$key], "$at.$key");
        }
    } elseif (is_float($expected) || is_int($expected)) {
        expect($is)->toEqualWithDelta($expected, max(str_contains($at, '.cure.') ? 1e-3 : 1e-6, 1e-3 * abs($expected)), $at);
    } else {
        expect($is)->toBe($expected, $at);
    }
}

it('comes to what an independent implementation came to', function (string $file) {
    $case = json_decode((string) file_get_contents($file), true);
    holds($case['expected'], Calculators::run($case['tool'], $case['input']), $case['tool']);
})->with(fn (): array => glob(dirname(__DIR__).'/cases/calc/*.json'));

describe('every registered calculator', function () {
    it('declares what it gives, says what it is for and where its formula is from', function (string $class) {
        $names = array_map(fn ($field): string => $field->name, $class::fields());
        expect($class::name())->toMatch('/\A[a-z]+(-[a-z]+)*\z/')->and($class::title())->not->toBe('')->and($class::purpose())->toEndWith('.')->and($class::source())->not->toBe('')
            ->and(array_unique($names))->toBe($names)->and(Calculators::named($class::name()))->toBeInstanceOf($class);
    })->with(Calculators::all());

    it('refuses nonsense in words', function (string $class, mixed $nonsense) {
        expect(fn () => Calculators::run($class::name(), $nonsense))->toThrow(Refusal::class);
    })->with(Calculators::all())->with([
        [[]],
        [null],
        ['x'],
        [[1, 2]],
        [['heights' => 5, 'voltage' => 'a', 'diagonalA' => -1]],
    ]);
});

it('names what there is where a calculator is not known', function () {
    expect(fn () => Calculators::named('guess'))->toThrow(UnknownCalculator::class, 'there are square-check, support-twist, heat-input');
});

describe('the square check', function () {
    it('gives the rack that a panel was made with', function () {
        $result = Calculators::run('square-check', ['diagonalA' => hypot(2008, 800), 'diagonalB' => hypot(1992, 800), 'length' => 2000, 'width' => 800]);
        expect($result['rack'])->toEqualWithDelta(8.0, 1e-9)
            ->and($result['sidesway'])->toEqualWithDelta(20.0, 1e-9)
            ->and($result['square'])->toBeFalse()
            ->and(Said::mm($result['text']))->toContain('Presumed');
    });

    it('calls no trapezoid square', function () {
        $result = Calculators::run('square-check', ['diagonalA' => 2154, 'diagonalB' => 2154, 'length' => 2000, 'otherLength' => 2000, 'width' => 1000, 'otherWidth' => 1030, 'sigma' => 0.3]);
        expect($result['square'])->toBeFalse()
            ->and(Calculators::run('square-check', ['diagonalA' => 2154, 'diagonalB' => 2154, 'length' => 2000, 'otherLength' => 2000, 'width' => 800, 'otherWidth' => 800, 'sigma' => 0.3])['square'])->toBeTrue();
    });
});

describe('twist on supports', function () {
    $level = ['frontLeft' => 500, 'frontRight' => 500, 'rearLeft' => 500, 'rearRight' => 500];

    it('is taken out by any one of the jacks it names, also between unequal widths', function (string $jack) use ($level) {
        $given = ['heights' => [...$level, 'frontRight' => 512], 'frontWidth' => 700, 'rearWidth' => 900];
        $jacks = Calculators::run('support-twist', $given)['jacks'];
        $given['heights'][$jack] += $jacks[$jack];
        expect(Calculators::run('support-twist', $given)['twist'])->toEqualWithDelta(0.0, 1e-9);
    })->with(['frontLeft', 'frontRight', 'rearLeft', 'rearRight']);

    it('does not see a frame that is lifted or rolled as a whole', function () use ($level) {
        $rolled = ['frontLeft' => 510, 'frontRight' => 530, 'rearLeft' => 610, 'rearRight' => 630];
        expect(Calculators::run('support-twist', ['heights' => $rolled, 'frontWidth' => 820, 'rearWidth' => 820])['twist'])->toEqualWithDelta(0.0, 1e-9)
            ->and(Calculators::run('support-twist', ['heights' => $rolled, 'reference' => $level, 'frontWidth' => 820, 'rearWidth' => 820, 'sigma' => 0.1])['verdict'])->toBe('in');
    });

    it('says what to do in words', function (array $heights, string $says) use ($level) {
        expect(Said::mm(Calculators::run('support-twist', ['heights' => [...$level, ...$heights], 'frontWidth' => 800, 'rearWidth' => 800])['text']))->toContain($says);
    })->with([
        [['frontRight' => 512], 'by 12.0 ± 3.9 mm, more than 2 mm: raise the front left by 12.0 mm'],
        [['frontLeft' => 512], 'let down the front left by 12.0 mm'],
        [['frontLeft' => 501], 'too close to 2 mm to call'],
    ]);
});

describe('heat of a run', function () {
    it('cools slower from a warm plate', function () {
        $given = ['process' => 'mag', 'voltage' => 20.5, 'current' => 165, 'speed' => 330, 'thickness' => 6];
        expect(Calculators::run('heat-input', [...$given, 'initialTemperature' => 150])['coolingTime'])->toEqualWithDelta(12.8, 0.05)
            ->and(Calculators::run('heat-input', [...$given, 'thickness' => 40])['regime'])->toBe('thick');
    });

    it('refuses what contradicts itself', function (array $more, string $says) {
        expect(fn () => Calculators::run('heat-input', ['process' => 'tig', 'voltage' => 11.5, 'current' => 150, ...$more]))->toThrow(InvalidFields::class, $says);
    })->with([
        'nothing of the speed' => [[], 'give the speed, or the length and the seconds'],
        'both' => [['speed' => 90, 'seconds' => 10, 'length' => 60], 'not both'],
        'seconds alone' => [['seconds' => 10], 'seconds say nothing without the length'],
        'no weld' => [['speed' => 90000], 'none that is welded with'],
        'a window that falls' => [['speed' => 96, 'window' => [20, 5]], 'has to rise'],
    ]);
});
