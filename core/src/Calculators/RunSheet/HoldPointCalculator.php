<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** Whether the work goes on at a hold point: what was measured, what is still to come, and what to do. */
final readonly class HoldPointCalculator implements Calculator
{
    private const COVERAGE = 1.96;

    /** Share of the tolerance, where nothing is known of what is still to come. */
    private const SHARES = ['tack' => 1 / 3, 'root' => 0.5, 'stage' => 0.5, 'cold' => 1.0];

    public static function name(): string
    {
        return 'hold-point';
    }

    public static function title(): string
    {
        return 'Hold point: go on, measure again, move, or stop';
    }

    public static function purpose(): string
    {
        return 'Whether a weld goes on, from what was measured and what shrinkage and cooling are still to do: go on, measure again, open the tack and move, or stop. It decides nothing that a maker’s instruction or an inspector decides.';
    }

    public static function source(): string
    {
        return 'ISO 14253-1, 95 %. A third of the tolerance at the tack and half at root and stage where nothing is known of what is to come: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::length('deviation', 'Measured off by'), Field::length('sigma', 'Uncertainty (1 σ)')->positive(), Field::length('tolerance', 'Allowed at the end')->positive(), Field::group('pending', 'Still to come', [Field::length('change', 'changes it by'), Field::length('sigma', 'uncertainty (1 σ)')->between(0.0, null)])->optional(),
            Field::group('thermal', 'Warm', [Field::length('length', 'length')->positive(), Field::number('temperature', 'temperature', '°C')->between(-30.0, 300.0), Field::number('ambient', 'cold', '°C')->between(-50.0, 100.0)->defaults(20.0), Field::number('alpha', 'expansion', '1/K')->positive()->defaults(12e-6)])->optional(),
            Field::choice('stage', 'Read at', ['tack', 'root', 'stage', 'cold'], 'Only where it is not known what is still to come.')->defaults('tack'), Field::count('mostReadings', 'Readings at most')->between(2.0, 100.0)->defaults(10),
        ];
    }

    public static function results(): array
    {
        return [
            Result::word('action', 'Next'), Result::word('state', 'It is'), Result::length('expected', 'At the end off by'), Result::length('uncertainty', '± (95 %)'), Result::length('limit', 'allowed'), Result::length('thermal', 'Cooling changes it by'), Result::number('probability', 'Chance to end inside'),
            Result::count('readings', 'Readings'), Result::length('move', 'Best moved by'), Result::length('leastMove', 'at least by'),
        ];
    }

    public function calculate(Values $given): array
    {
        [$sigma, $tolerance] = [$given->number('sigma'), $given->number('tolerance')];
        $pending = $given->group('pending');
        $warm = $given->group('thermal');
        $thermal = $warm === null ? 0.0 : -$warm->number('alpha') * $warm->number('length') * ($warm->number('temperature') - $warm->number('ambient'));
        $still = $pending?->number('sigma') ?? 0.0;
        $end = $given->number('deviation') + ($pending?->number('change') ?? 0.0) + $thermal;
        $limit = $pending === null ? $tolerance * (self::SHARES[$given->text('stage')] ?? 1.0) : $tolerance;
        $both = hypot($sigma, $still);
        $spread = self::COVERAGE * $both;
        $state = $this->state(abs($end), $spread, $limit);
        $readings = $state === 'undecided' ? $this->readings(abs($end), $sigma, $still, $limit, (int) $given->number('mostReadings')) : null;
        $least = match (true) {
            $state === 'go-on' => 0.0, $spread > $limit + 1e-9 => null, default => -($end <=> 0.0) * (abs($end) + $spread - $limit)
        };

        return [
            'expected' => $end, 'uncertainty' => $spread, 'limit' => $limit, 'thermal' => $thermal, 'probability' => Normal::below(($limit - $end) / $both) - Normal::below((-$limit - $end) / $both), 'state' => $state,
            'action' => match (true) {
                $state === 'go-on' => 'go-on', $readings !== null => 'measure-again', $least !== null => 'move', default => 'stop'
            },
            'readings' => $readings, 'move' => -$end, 'leastMove' => $least,
        ];
    }

    /** @return 'go-on'|'out'|'undecided' */
    private function state(float $off, float $spread, float $limit): string
    {
        return $off + $spread <= $limit + 1e-9 ? 'go-on' : ($off - $spread > $limit + 1e-9 ? 'out' : 'undecided');
    }

    /** How many readings would settle it either way, if their mean stays. */
    private function readings(float $off, float $sigma, float $still, float $limit, int $most): ?int
    {
        for ($n = 2; $n <= $most; $n++) {
            if ($this->state($off, self::COVERAGE * hypot($sigma / sqrt($n), $still), $limit) !== 'undecided') {
                return $n;
            }
        }

        return null;
    }
}
