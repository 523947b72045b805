<?php

declare(strict_types=1);

namespace Geodex\Core\Words;

use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/** A length inside a sentence (mm): what was computed is rounded as tables round it, what was given or is allowed is said as it was given. */
final readonly class Measure
{
    private function __construct(public float $mm, public ?float $expanded, public bool $isGiven, public bool $isFine = false) {}

    /** @param  ?float  $expanded  half the 95 % interval (mm) */
    public static function computed(float $mm, ?float $expanded = null): self
    {
        return new self($mm, $expanded, false);
    }

    /** To a hundredth, as the check of a tool is told. */
    public static function fine(float $mm, ?float $expanded = null): self
    {
        return new self($mm, $expanded, false, true);
    }

    public static function given(float $mm): self
    {
        return new self($mm, null, true);
    }

    /** To 0.1 mm or to a thousandth of an inch, halves away from zero; a given number of millimetres as it is. */
    public function in(LengthUnit $unit): string
    {
        return $this->number($this->mm, $unit).($this->expanded === null ? '' : ' ± '.$this->number($this->expanded, $unit))." {$unit->value}";
    }

    private function number(float $mm, LengthUnit $unit): string
    {
        $text = match (true) {
            $unit === LengthUnit::Inch => number_format($mm / Length::MILLIMETRES_PER_INCH, 3, '.', ''),
            $this->isGiven => sprintf('%g', round($mm, 2)),
            default => number_format($mm, $this->isFine ? 2 : 1, '.', ''),
        };

        return in_array($text, ['-0.0', '-0.00', '-0.000', '-0'], true) ? substr($text, 1) : $text;
    }
}
