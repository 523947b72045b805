<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** Sides and diagonals of a four-cornered bench, as measured (mm). */
final readonly class PanelLengths
{
    private const CAREFUL_MM = 0.3;

    /**
     * @param  float  $diagonalA  front left to rear right
     * @param  float  $diagonalB  front right to rear left
     * @param  float  $sigma  standard uncertainty of each: one tape, one person, read to half a millimetre
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
        public float $sigma = self::CAREFUL_MM,
    ) {
        foreach (['The front side' => $front, 'The rear side' => $rear, 'The left side' => $left, 'The right side' => $right, 'The diagonal from front left' => $diagonalA, 'The diagonal from front right' => $diagonalB, 'The accuracy of a length' => $sigma] as $what => $mm) {
            if (! is_finite($mm) || $mm <= 0.0) {
                throw UnusableBench::notPositive($what, $mm);
            }
        }
    }
}
