<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * Square means equal diagonals and equal opposite sides, each within the tolerance with its uncertainty: a trapezoid has equal diagonals
 * too. What was not measured is not known to be equal.
 */
final readonly class Squareness
{
    private const COVERAGE = 1.96;

    /** Half the 95 % interval of a difference of two lengths (mm). */
    public float $expanded;

    /** Whether everything that was measured is equal. */
    public bool $isSquare;

    /** Whether something is surely unequal. */
    public bool $isOut;

    /**
     * @param  array<string, float>  $differences  mm, by what is compared
     * @param  float  $sigma  standard uncertainty of a length (mm)
     * @param  float  $tolerance  of a difference (mm)
     */
    public function __construct(public array $differences, float $sigma, private float $tolerance)
    {
        $this->expanded = self::COVERAGE * $sigma * M_SQRT2;
        $sizes = array_map(abs(...), $differences);
        $this->isSquare = $sizes === [] || max(array_values($sizes)) + $this->expanded <= $tolerance;
        $this->isOut = max([0.0, ...array_values($sizes)]) - $this->expanded > $tolerance;
    }

    /** The largest of the differences (mm). */
    public function worst(): float
    {
        return max([0.0, ...array_values(array_map(abs(...), $this->differences))]);
    }

    /** What keeps it from being called square; null if nothing does. */
    public function trouble(): ?Sentence
    {
        if ($this->isSquare) {
            return null;
        }
        $out = $close = [];
        foreach ($this->differences as $what => $mm) {
            $says = Sentence::of('square.differ', '{what} differ by {by}', what: $what, by: Measure::computed(abs($mm), $this->expanded));
            if (abs($mm) - $this->expanded > $this->tolerance) {
                $out[] = $says;
            } elseif (abs($mm) + $this->expanded > $this->tolerance) {
                $close[] = $says;
            }
        }

        $says = array_filter([
            $out === [] ? null : Sentence::of('square.out', 'Not square: {what}.', what: Sentence::joined('square.differ', '; ', $out)),
            $close === [] ? null : Sentence::of('square.close', 'Too close to the {allowed} allowed to call: {what}.', allowed: Measure::given($this->tolerance), what: Sentence::joined('square.differ', '; ', $close)),
        ]);

        return $says === [] ? null : Sentence::together(...array_values($says));
    }
}
