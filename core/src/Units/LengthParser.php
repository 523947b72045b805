<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;

/**
 * Reads what a person calls out or types as one exact length in millimetres.
 *
 * An inch is exactly 25.4 mm, so every 1/64 in is an exact decimal of millimetres. "12-3/4" is twelve and three
 * quarters, never a subtraction. What could mean two things is refused with the reason rather than guessed.
 */
final readonly class LengthParser
{
    private const MILLIMETRES = ['mm' => '1', 'cm' => '10', 'm' => '1000', 'in' => '25.4', 'ft' => '304.8'];

    /** Tapes are divided by halving. */
    private const TAPE_DENOMINATORS = [2, 4, 8, 16, 32, 64];

    private const NUMBER = '(?<whole>\d+(?:\.\d+)?|\.\d+)?(?:(?:^|(?<=\d)[\s-]\s*)(?<over>\d+)\s*\/\s*(?<under>\d+))?';

    /**
     * @return BigRational millimetres, exact
     *
     * @throws UnreadableLength with the reason
     */
    public function parse(string $typed, LengthUnit $default): BigRational
    {
        $text = $this->plain($typed);
        if ($text === '') {
            throw UnreadableLength::because($typed, 'nothing was typed.');
        }
        if (str_contains($text, ',')) {
            throw UnreadableLength::because($typed, 'a comma may mean a decimal or a thousand; use a point, as in 12.5.');
        }
        $negative = str_starts_with($text, '-');
        $size = ltrim(substr($text, strspn($text, '+-') > 1 ? 0 : strspn($text, '+-')));
        $value = $this->feetAndInches($typed, $size) ?? $this->single($typed, $size, $default);

        return $negative ? $value->negated() : $value;
    }

    /** One spelling for the marks that keyboards and phones write differently. */
    private function plain(string $typed): string
    {
        $text = str_replace(
            ['−', '–', '″', '“', '”', "''", '′', '’', '¼', '½', '¾', '⅛', '⅜', '⅝', '⅞', "\u{a0}", '⁄'],
            ['-', '-', '"', '"', '"', '"', "'", "'", ' 1/4', ' 1/2', ' 3/4', ' 1/8', ' 3/8', ' 5/8', ' 7/8', ' ', '/'],
            $typed,
        );

        return trim((string) preg_replace('/\s+/', ' ', strtolower($text)));
    }

    private function feetAndInches(string $typed, string $size): ?BigRational
    {
        if (! preg_match('/^(?<feet>[\d.]+)\s*(?:\'|ft|feet|foot)\s*-?\s*(?<rest>.+)$/', $size, $found)) {
            return null;
        }
        if (! ctype_digit($found['feet'])) {
            throw UnreadableLength::because($typed, 'feet followed by inches must be whole feet, as in 5ft 2in.');
        }
        [$number, $unit] = $this->numberAndUnit($typed, $found['rest']);
        if ($unit !== 'in' && $unit !== null) {
            throw UnreadableLength::because($typed, 'feet can only be followed by inches.');
        }
        if ($number->isGreaterThanOrEqualTo(12)) {
            throw UnreadableLength::because($typed, 'after feet the inches must be less than 12.');
        }

        return $this->inMillimetres(BigRational::of($found['feet'])->multipliedBy(12)->plus($number), 'in');
    }

    private function single(string $typed, string $size, LengthUnit $default): BigRational
    {
        [$number, $unit, $fraction] = $this->numberAndUnit($typed, $size);
        $unit ??= $default->value;
        if ($fraction && $unit !== 'in' && $unit !== 'ft') {
            throw UnreadableLength::because($typed, 'a fraction is read in inches; add “in”, or type millimetres as a decimal.');
        }

        return $this->inMillimetres($number, $unit);
    }

    private function inMillimetres(BigRational $number, string $unit): BigRational
    {
        return $number->multipliedBy(BigDecimal::of(self::MILLIMETRES[$unit] ?? throw new \LogicException($unit))->toBigRational());
    }

    /** @return array{BigRational, ?string, bool} the number, its unit if named, whether a fraction was written */
    private function numberAndUnit(string $typed, string $size): array
    {
        if (! preg_match('/^(?<number>[^a-z"\']*?)\s*(?<unit>[a-z"\']*)$/', $size, $found)) {
            throw UnreadableLength::because($typed, 'expected one number and at most one unit, as in 12 3/4 in or 324 mm.');
        }
        $unit = $this->unit($typed, $found['unit']);
        $number = $found['number'];
        if ($number === '' || ! preg_match('/^'.self::NUMBER.'$/', $number, $parts, PREG_UNMATCHED_AS_NULL)) {
            throw UnreadableLength::because($typed, $this->whatIsWrong($number));
        }
        $value = BigRational::of(BigDecimal::of($parts['whole'] ?? '0'));
        if (($parts['over'] ?? null) === null) {
            return [$value, $unit, false];
        }

        return [$value->plus($this->fraction($typed, $parts['whole'] ?? null, $parts['over'], $parts['under'] ?? '')), $unit, true];
    }

    private function fraction(string $typed, ?string $whole, string $over, string $under): BigRational
    {
        $denominator = strlen($under) < 4 ? (int) $under : 0;
        if (! in_array($denominator, self::TAPE_DENOMINATORS, true)) {
            throw UnreadableLength::because($typed, "a tape is divided in halves, quarters, 8ths, 16ths, 32nds or 64ths, not by $under.");
        }
        if ($whole !== null && str_contains($whole, '.')) {
            throw UnreadableLength::because($typed, 'a decimal and a fraction together can mean two things.');
        }
        if ($whole !== null && (int) $over >= $denominator) {
            throw UnreadableLength::because($typed, "the fraction $over/$under is one or more; carry it into the whole inches.");
        }

        return BigRational::nd($over, $denominator);
    }

    private function unit(string $typed, string $written): ?string
    {
        return match ($written) {
            '' => null,
            'mm', 'cm', 'm', 'in', 'ft' => $written,
            '"', 'inch', 'inches', 'ins' => 'in',
            "'", 'feet', 'foot' => 'ft',
            default => throw UnreadableLength::because($typed, "“{$written}” is no unit known here; use mm, cm, m, in or ft."),
        };
    }

    private function whatIsWrong(string $number): string
    {
        return match (true) {
            trim($number) === '' => 'there is a unit but no number.',
            (bool) preg_match('/\d\s+\d+(\s|$)/', $number) => 'there are more numbers than one length has.',
            default => 'expected a number such as 12, 12.5, 3/4 or 12 3/4.',
        };
    }
}
