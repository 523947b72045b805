<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

/** Shows a length the way the shop reads it: decimal millimetres, or inches as the nearest tape fraction in lowest terms. */
final readonly class LengthFormatter
{
    /**
     * @param  int  $denominator  finest fraction of an inch to show: 16, 32 or 64
     *
     * @throws InvalidQuantity if the denominator is not one a tape has
     */
    public function __construct(private int $denominator = 32)
    {
        if (! in_array($denominator, [2, 4, 8, 16, 32, 64], true)) {
            throw InvalidQuantity::notFinite('The fraction of an inch (2, 4, 8, 16, 32 or 64)');
        }
    }

    public function show(Length $length, LengthUnit $unit): string
    {
        return $unit === LengthUnit::Millimetre ? $this->millimetres($length) : $this->inches($length);
    }

    /** What the nearest fraction leaves out, in millimetres: true length minus shown length. */
    public function remainder(Length $length): Length
    {
        return Length::ofMillimetres($length->mm - $this->parts($length) / $this->denominator * Length::MILLIMETRES_PER_INCH);
    }

    private function millimetres(Length $length): string
    {
        $shown = number_format($length->mm, 1, '.', '');

        return ($shown === '-0.0' ? '0.0' : $shown).' mm';
    }

    private function inches(Length $length): string
    {
        $parts = $this->parts($length);
        $whole = intdiv(abs($parts), $this->denominator);
        $over = abs($parts) % $this->denominator;
        $under = $this->denominator;
        while ($over !== 0 && $over % 2 === 0) {
            $over = intdiv($over, 2);
            $under = intdiv($under, 2);
        }
        $fraction = $over === 0 ? '' : "$over/$under";

        return ($parts < 0 ? '-' : '').trim(($whole === 0 && $fraction !== '' ? '' : $whole).' '.$fraction).' in';
    }

    private function parts(Length $length): int
    {
        return (int) round($length->inches() * $this->denominator);
    }
}
