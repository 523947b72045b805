<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** Sides and diagonals of a four-cornered bench, as measured (mm). */
final readonly class PanelLengths
{
    /**
     * @param  float  $diagonalA  front left to rear right
     * @param  float  $diagonalB  front right to rear left
     *
     * @throws UnusableBench if a length is not more than zero
     */
    public function __construct(
        public float $front,
        public float $rear,
        public float $left,
        public float $right,
        public float $diagonalA,
        public float $diagonalB,
    ) {
        foreach (['The front side' => $front, 'The rear side' => $rear, 'The left side' => $left, 'The right side' => $right, 'The diagonal from front left' => $diagonalA, 'The diagonal from front right' => $diagonalB] as $what => $mm) {
            if (! is_finite($mm) || $mm <= 0.0) {
                throw UnusableBench::notPositive($what, $mm);
            }
        }
    }
}
