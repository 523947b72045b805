<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

/**
 * Measures inside a sentence. Where a sentence is made they are written to the micrometre; where it is read they are rounded in the
 * reader's unit, so that a sentence and the table beside it never differ in a digit.
 */
final readonly class Spoken
{
    private const MEASURE = '/([-+−]?\d+(?:\.\d+)?)(?: ± (\d+(?:\.\d+)?))? mm\b/u';

    /**
     * @param  float  $amount  mm
     * @param  ?float  $expanded  half the 95 % interval (mm)
     */
    public static function measure(float $amount, ?float $expanded = null): string
    {
        return sprintf($expanded === null ? '%.3f mm' : '%.3f ± %.3f mm', $amount, $expanded);
    }

    /** The sentence with its measures to 0.1 mm (what is written coarser stays) or to a thousandth of an inch; halves round away from zero. */
    public static function in(LengthUnit $unit, string $sentence): string
    {
        $shown = fn (string $mm): string => match (true) {
            $unit === LengthUnit::Inch => number_format((float) str_replace('−', '-', $mm) / Length::MILLIMETRES_PER_INCH, 3, '.', ''),
            preg_match('/\.\d{3}/', $mm) === 1 => number_format((float) str_replace('−', '-', $mm), 1, '.', ''),
            default => $mm,
        };

        return (string) preg_replace_callback(
            self::MEASURE,
            fn (array $found): string => $shown($found[1]).(isset($found[2]) ? ' ± '.$shown($found[2]) : '').' '.$unit->value,
            $sentence,
        );
    }
}
