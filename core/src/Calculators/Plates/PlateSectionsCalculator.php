<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A long plate in sections that lap over each other. */
final readonly class PlateSectionsCalculator implements Calculator
{
    private const MOST = 60;

    public static function name(): string
    {
        return 'plate-sections';
    }

    public static function title(): string
    {
        return 'Long plate in sections';
    }

    public static function purpose(): string
    {
        return 'Where a plate that is longer than a sheet, or than a hand can hold, is parted into sections of one length that lap over each other, clear of places that must not be joined.';
    }

    public static function source(): string
    {
        return 'Equal sections, the fewest that the greatest length allows; a lap that falls on a forbidden stretch moves to its nearer end. Lap of 50: shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::length('length', 'Length of the plate')->positive(), Field::length('greatest', 'A section at most')->positive(), Field::length('overlap', 'They lap by')->between(0.0, null)->defaults(50.0),
            Field::listing('keepOut', 'No lap', [Field::length('from', 'from'), Field::length('to', 'to')], 0, 60)->optional(),
        ];
    }

    public static function results(): array
    {
        return [Result::count('count', 'Sections'), Result::length('longest', 'Longest of them'), Result::table('sections', 'Sections', [Result::length('from', 'from'), Result::length('to', 'to'), Result::length('length', 'length')])];
    }

    public function calculate(Values $given): array
    {
        [$length, $greatest, $lap] = [$given->number('length'), $given->number('greatest'), $given->number('overlap')];
        if ($greatest <= $lap) {
            throw InvalidFields::at('greatest', sprintf('more than the lap of %g mm.', $lap));
        }
        $many = max(1, (int) ceil(($length - $lap) / ($greatest - $lap) - 1e-9));
        if ($many > self::MOST) {
            throw InvalidFields::at('greatest', sprintf('would make %d sections: is its unit right?', $many));
        }
        // Middles of the laps.
        $each = ($length - $lap) / $many;
        $laps = [];
        for ($i = 1; $i < $many; $i++) {
            $laps[] = $this->clear($i * $each + $lap / 2, $lap, $given->list('keepOut'), $i - 1);
        }
        $sections = [];
        for ($i = 0; $i < $many; $i++) {
            [$from, $to] = [$i === 0 ? 0.0 : $laps[$i - 1] - $lap / 2, $i === $many - 1 ? $length : $laps[$i] + $lap / 2];
            if ($to - $from > $greatest + 1e-6 || $to - $from <= $lap) {
                throw InvalidFields::at('keepOut', sprintf('leaves no place for the laps: section %d would be %.1f mm long.', $i + 1, $to - $from));
            }
            $sections[] = ['from' => $from, 'to' => $to, 'length' => $to - $from];
        }

        return ['count' => $many, 'longest' => max([0.0, ...array_column($sections, 'length')]), 'sections' => $sections];
    }

    /** @param  list<Values>  $forbidden */
    private function clear(float $at, float $lap, array $forbidden, int $number): float
    {
        foreach ($forbidden as $i => $stretch) {
            [$from, $to] = [$stretch->number('from') - $lap / 2, $stretch->number('to') + $lap / 2];
            if ($from >= $to) {
                throw InvalidFields::at("keepOut[$i].to", 'lies behind its from.');
            }
            if ($at > $from + 1e-9 && $at < $to - 1e-9) {
                $at = $at - $from <= $to - $at ? $from : $to;
            }
        }
        foreach ($forbidden as $stretch) {
            if ($at > $stretch->number('from') - $lap / 2 + 1e-6 && $at < $stretch->number('to') + $lap / 2 - 1e-6) {
                throw InvalidFields::at('keepOut', sprintf('leaves no place for lap %d.', $number + 1));
            }
        }

        return $at;
    }
}
