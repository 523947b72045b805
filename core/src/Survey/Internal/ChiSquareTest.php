<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

/** Upper tail of the χ² distribution by the incomplete gamma function (Abramowitz & Stegun 6.5.29 and 6.5.31). */
final readonly class ChiSquareTest
{
    private const PRECISION = 1e-12;

    private const MAX_TERMS = 2000;

    /** Whether a weighted sum of squares with that many degrees of freedom is no larger than in 95 of 100 good surveys. */
    public static function passes(float $sumOfSquares, int $degreesOfFreedom, float $level = 0.95): bool
    {
        return $degreesOfFreedom < 1 || self::upperTail($sumOfSquares, $degreesOfFreedom) >= 1 - $level;
    }

    public static function upperTail(float $sumOfSquares, int $degreesOfFreedom): float
    {
        $a = $degreesOfFreedom / 2;
        $x = $sumOfSquares / 2;
        if ($x <= 0.0) {
            return 1.0;
        }
        $front = exp($a * log($x) - $x - self::logGamma($a));

        return $x < $a + 1 ? 1 - $front * self::series($a, $x) : $front * self::fraction($a, $x);
    }

    private static function series(float $a, float $x): float
    {
        $term = $sum = 1 / $a;
        for ($n = 1; $n < self::MAX_TERMS && $term > $sum * self::PRECISION; $n++) {
            $sum += $term *= $x / ($a + $n);
        }

        return $sum;
    }

    /** Lentz's evaluation of the continued fraction. */
    private static function fraction(float $a, float $x): float
    {
        $b = $x + 1 - $a;
        $c = 1e300;
        $h = $d = 1 / $b;
        for ($n = 1; $n < self::MAX_TERMS; $n++) {
            $an = -$n * ($n - $a);
            $b += 2;
            $d = 1 / ($an * $d + $b);
            $c = $b + $an / $c;
            $h *= $d * $c;
            if (abs($d * $c - 1) < self::PRECISION) {
                break;
            }
        }

        return $h;
    }

    /** Exact for the halves and wholes that degrees of freedom give. */
    private static function logGamma(float $a): float
    {
        $log = fmod($a, 1.0) > 0.25 ? log(sqrt(M_PI)) : 0.0;
        for ($k = $a - 1; $k > 0.25; $k--) {
            $log += log($k);
        }

        return $log;
    }
}
