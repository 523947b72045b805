<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Whether a steel is warmed before it is welded, and how far. */
final readonly class PreheatCalculator implements Calculator
{
    private const NONE_UP_TO = ['equivalent' => 0.45, 'thickness' => 25.0];

    public static function name(): string
    {
        return 'preheat';
    }

    public static function title(): string
    {
        return 'Preheat by composition';
    }

    public static function purpose(): string
    {
        return 'How warm a steel has to be before it is welded, from what it is made of, how thick it is and how much heat and hydrogen comes in. Outside the range of the formula ask the maker; chromium-molybdenum tube by its maker’s procedure.';
    }

    public static function source(): string
    {
        return 'EN 1011-2, method B; none needed up to a carbon equivalent of 0.45 and 25 mm together: shop defaults.';
    }

    public static function fields(): array
    {
        $share = fn (string $of): Field => Field::number($of, $of, '%')->between(0.0, 30.0)->defaults(0.0);

        return [
            Field::group('composition', 'Made of', [Field::number('C', 'C', '%')->between(0.0, 2.0), ...array_map($share, ['Si', 'Mn', 'Cr', 'Mo', 'V', 'Ni', 'Cu'])]), Field::lengths('thicknesses', 'Thick', 1, 4)->positive(), Field::number('heatInput', 'Heat', 'kJ/mm')->positive(),
            Field::number('hydrogen', 'Hydrogen', 'ml/100 g')->between(0.0, 30.0)->defaults(5.0), Field::number('ambient', 'It is as warm as', '°C')->between(-50.0, 100.0)->defaults(20.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::word('required', 'To be warmed'), Result::number('temperature', 'to', '°C'), Result::number('calculated', 'By the formula', '°C'), Result::number('carbonEquivalent', 'Carbon equivalent', '%'), Result::number('cet', 'CET', '%'), Result::length('combinedThickness', 'Thick together'), Result::truth('inRange', 'Within the range of the formula'),
        ];
    }

    public function calculate(Values $given): array
    {
        $made = $given->within('composition');
        [$heat, $hydrogen] = [$given->number('heatInput'), $given->number('hydrogen')];
        $part = fn (string $of): float => $made->number($of);
        if ($part('C') <= 0.0) {
            throw InvalidFields::at('composition.C', 'over 0 %.');
        }
        if ($heat > 5.0) {
            throw InvalidFields::at('heatInput', 'at most 5 kJ/mm.');
        }
        $thick = max([0.0, ...$given->numbers('thicknesses')]);
        $together = array_sum($given->numbers('thicknesses'));
        $equivalent = $part('C') + $part('Mn') / 6 + ($part('Cr') + $part('Mo') + $part('V')) / 5 + ($part('Ni') + $part('Cu')) / 15;
        $cet = $part('C') + ($part('Mn') + $part('Mo')) / 10 + ($part('Cr') + $part('Cu')) / 20 + $part('Ni') / 40;
        $calculated = 697 * $cet + 160 * tanh($thick / 35) + 62 * $hydrogen ** 0.35 + (53 * $cet - 32) * $heat - 328;
        $isRequired = ! ($equivalent <= self::NONE_UP_TO['equivalent'] + 1e-9 && $together <= self::NONE_UP_TO['thickness'] + 1e-9) && $calculated > $given->number('ambient');
        $within = fn (float $value, float $least, float $most): bool => $value >= $least - 1e-9 && $value <= $most + 1e-9;

        return [
            'carbonEquivalent' => $equivalent, 'cet' => $cet, 'combinedThickness' => $together, 'calculated' => $calculated, 'required' => $isRequired, 'temperature' => $isRequired ? $calculated : null,
            'inRange' => $within($cet, 0.2, 0.5) && $within($thick, 10.0, 90.0) && $within($hydrogen, 1.0, 20.0) && $within($heat, 0.5, 4.0),
        ];
    }
}
