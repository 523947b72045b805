<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** How long a welding machine may burn at a current, and how long it rests. */
final readonly class DutyCalculator implements Calculator
{
    private const PERIOD = 10.0;

    public static function name(): string
    {
        return 'duty';
    }

    public static function title(): string
    {
        return 'Duty cycle of a machine';
    }

    public static function purpose(): string
    {
        return 'How much of ten minutes a machine may burn at a current, from what its plate says, how long it rests, and how long so much arc takes from cold.';
    }

    public static function source(): string
    {
        return 'EN 60974-1: periods of ten minutes, duty by the square of the current; between two ratings by their own power.';
    }

    public static function fields(): array
    {
        return [Field::listing('ratings', 'On its plate', [Field::number('current', 'current', 'A')->positive(), Field::number('duty', 'duty', '%')->positive()], 1, 20), Field::number('current', 'Welded with', 'A')->positive(), Field::number('arcMinutes', 'Arc in all', 'min')->positive()->optional()];
    }

    public static function results(): array
    {
        return [Result::number('duty', 'Duty', '%'), Result::number('onMinutes', 'Burn for', 'min'), Result::number('restMinutes', 'then rest', 'min'), Result::number('continuousCurrent', 'Without a rest up to', 'A'), Result::count('windows', 'Periods'), Result::number('elapsedMinutes', 'Takes in all', 'min')];
    }

    public function calculate(Values $given): array
    {
        $ratings = array_map(fn (Values $one): array => [$one->number('current'), $one->number('duty')], $given->list('ratings'));
        usort($ratings, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($ratings as $i => [$at, $duty]) {
            if ($duty > 100.0) {
                throw InvalidFields::at('ratings', 'a duty is at most 100 %.');
            }
            if ($i > 0 && ($at - $ratings[$i - 1][0] < 1e-9 || $duty >= $ratings[$i - 1][1])) {
                throw InvalidFields::at('ratings', 'the duty falls as the current rises.');
            }
        }
        $current = $given->number('current');
        if ($current > $ratings[count($ratings) - 1][0] + 1e-9) {
            throw InvalidFields::at('current', sprintf('at most %g A, the highest on the plate.', $ratings[count($ratings) - 1][0]));
        }
        $duty = min(100.0, $this->duty($ratings, $current));
        $on = $duty / 100 * self::PERIOD;
        $arc = $given->optional('arcMinutes');
        $windows = $arc === null ? null : max(1, (int) ceil($arc / $on - 1e-9));

        return [
            'duty' => $duty, 'onMinutes' => $on, 'restMinutes' => self::PERIOD - $on, 'continuousCurrent' => $ratings[0][0] * sqrt($ratings[0][1] / 100),
            'windows' => $windows, 'elapsedMinutes' => $arc === null || $windows === null ? null : $arc + ($windows - 1) * (self::PERIOD - $on),
        ];
    }

    /** @param  list<array{float, float}>  $ratings  by rising current */
    private function duty(array $ratings, float $current): float
    {
        foreach (array_slice($ratings, 1) as $i => [$upper, $less]) {
            [$lower, $more] = $ratings[$i];
            if ($current >= $lower && $current <= $upper + 1e-9) {
                return $more * ($lower / $current) ** (log($more / $less) / log($upper / $lower));
            }
        }

        return $ratings[0][1] * ($ratings[0][0] / $current) ** 2;
    }
}
