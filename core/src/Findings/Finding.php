<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Words\Sentence;

/** One way a section of the frame can be out of shape, with how much of it there is (mm). */
final readonly class Finding
{
    /** What a pull is true to (mm). */
    private const SAME_MM = 0.3;

    /** The critical value at which a reading is called wrong, too. */
    private const SURE_SIGMAS = 3.29;

    /**
     * @param  ?string  $side  left or right, for a short rail
     * @param  float  $amount  mm, signed as in docs/formulas.md, "Findings"
     * @param  float  $sigma  standard uncertainty (mm)
     * @param  list<string>  $points  the points it was read from, the outermost pair first
     * @param  float  $tolerance  of the section's points (mm)
     * @param  list<array{float, float}>  $others  amount and half the 95 % interval under every other way to understand the readings (mm)
     * @param  float  $expanded  half the 95 % interval (mm)
     */
    public function __construct(
        public Pattern $pattern,
        public Section $section,
        public ?string $side,
        public float $amount,
        public float $sigma,
        public bool $significant,
        public Sentence $text,
        public array $points,
        public float $tolerance,
        public array $others = [],
        public float $expanded = 0.0,
    ) {}

    /** Whether every way to understand the readings gives the same amount, as far as a pull goes. */
    public function isAgreed(): bool
    {
        return array_filter($this->others, fn (array $other): bool => abs($other[0] - $this->amount) > self::SAME_MM) === [];
    }

    /** Whether it is out by more than chance does once in a thousand: enough to put a chain on it. */
    public function isSurelyOut(): bool
    {
        return $this->significant && abs($this->amount) - self::SURE_SIGMAS * $this->sigma > $this->tolerance;
    }

    /** Whether some way to understand the readings puts it out, surely or nearly. */
    public function mayBeOut(): bool
    {
        foreach ([[$this->amount, $this->expanded], ...$this->others] as [$amount, $expanded]) {
            if (abs($amount) > $expanded && abs($amount) + $expanded > $this->tolerance) {
                return true;
            }
        }

        return false;
    }
}
