<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;

/**
 * Reads what a person calls out or types as one exact length in millimetres.
 *
 * An inch is exactly 25.4 mm, so every 1/64 in is an exact decimal of millimetres. "12-3/4" is twelve and three
 * quarters, never a subtraction. What could mean two things is refused with the reason rather than guessed. A remainder that is
 * shouted after the number, "strong" or "light", is half of the smallest division of the scale.
 */
final readonly class LengthParser
{
    private const SHOUTED = '/^(?<length>.*\S)\s+(?<shout>strong|light)$/';

    /** What the marks of a tape are apart where no fraction says it. */
    private const TAPE_DIVISION = 16;

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
        if (preg_match(self::SHOUTED, $text, $found) === 1) {
            $length = $this->parse($found['length'], $default);
            $half = $this->halfDivision($text, $default) ?? BigRational::zero();

            return $length->plus($length->isNegative() === ($found['shout'] === 'strong') ? $half->negated() : $half);
        }
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

    /**
     * Half of the smallest division that was read to, where a remainder is shouted: of the fraction that was called, of a sixteenth for
     * whole inches, of a millimetre, or of half a millimetre where halves are read.
     *
     * @return ?BigRational millimetres; null where nothing is shouted
     *
     * @throws UnreadableLength if the length itself is not understood
     */
    public function halfDivision(string $typed, LengthUnit $default): ?BigRational
    {
        if (preg_match(self::SHOUTED, $this->plain($typed), $found) !== 1) {
            return null;
        }
        $this->parse($found['length'], $default);
        $inches = $default === LengthUnit::Inch ? preg_match('/[a-z]*m$/', $found['length']) !== 1 : (bool) preg_match('/(in|inch|inches|ins|")$/', $found['length']);

        return match (true) {
            (bool) preg_match('/\/\s*(\d+)/', $found['length'], $fraction) => $this->inMillimetres(BigRational::nd(1, 2 * (int) $fraction[1]), 'in'),
            $inches => $this->inMillimetres(BigRational::nd(1, 2 * self::TAPE_DIVISION), 'in'),
            default => BigRational::nd(1, str_contains($found['length'], '.') ? 4 : 2),
        };
    }

    /** One spelling for the marks that keyboards and phones write differently. */
    private function plain(string $typed): string
    {
        $text = str_replace(
            ['−', '–', '″', '“', '”', "''", '′', '’', '¼', '½', '¾', '⅛', '⅜', '⅝', '⅞', "\u{a0}", '⁄'],
            ['-', '-', '"', '"', '"', '"', "'", "'", ' 1/4', ' 1/2', ' 3/4', ' 1/8', ' 3/8', ' 5/8', ' 7/8', ' ', '/'],
            $typed,
        );
        $text = strtolower((string) preg_replace('/[\s\x{2000}-\x{200a}\x{202f}\x{205f}\x{3000}]+/u', ' ', $text));
        // "12 in." and "12." end a sentence; "12 and 3/4" is how it is called.
        $text = (string) preg_replace(['/([a-z\d])\.(?=\s|$|-)/', '/(?<=\d)\s*(?:in|inch|inches|")?\s+and\s+(\d+\s*\/\s*\d+)\s*(?:in|inch|inches|")?/'], ['$1', ' $1 in'], $text);

        return trim((string) preg_replace('/\s+/', ' ', $text));
    }

    private function feetAndInches(string $typed, string $size): ?BigRational
    {
        // Three parts can only be feet, inches and a fraction; two could be a sum or a subtraction.
        $size = (string) preg_replace('/^(\d+)-(\d+)-(\d+\s*\/\s*\d+)\s*(?:in|inch|inches|")?$/', "$1' $2-$3", $size);
        if (preg_match('/^(?<feet>[\d.]+)\s*(?:\'|ft|feet|foot)\s*-?\s*(?<rest>.+)$/', $size, $found) !== 1) {
            return null;
        }
        if (! ctype_digit($found['feet'])) {
            throw UnreadableLength::because($typed, 'feet followed by inches must be whole feet, as in 5ft 2in.');
        }
        if (preg_match('/^0\d/', $found['feet']) === 1 || preg_match('/^0\d/', $found['rest']) === 1) {
            throw UnreadableLength::because($typed, 'a leading zero after feet may be a lost digit or a thousand; write 1\' 4" or 1004 mm.');
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
        // No metric tape has fractions, so one without a unit is inches in a millimetre job too.
        $unit ??= $fraction ? LengthUnit::Inch->value : $default->value;
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
        if (preg_match('/^(?<number>[^a-z"\']*?)\s*(?<unit>[a-z"\']*)$/', $size, $found) !== 1) {
            throw UnreadableLength::because($typed, 'expected one number and at most one unit, as in 12 3/4 in or 324 mm.');
        }
        $unit = $this->unit($typed, $found['unit']);
        $number = $found['number'];
        if ($number === '' || preg_match('/^'.self::NUMBER.'$/', $number, $parts, PREG_UNMATCHED_AS_NULL) !== 1) {
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
            'millimetre', 'millimetres', 'millimeter', 'millimeters' => 'mm',
            'centimetre', 'centimetres', 'centimeter', 'centimeters' => 'cm',
            'metre', 'metres', 'meter', 'meters' => 'm',
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
