<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

/** The normal distribution. */
final readonly class Normal
{
    /** Share below so many sigmas: by its series near the middle, by its continued fraction outside (Abramowitz and Stegun 26.2). */
    public static function below(float $z): float
    {
        if (abs($z) > 38.0) {
            return $z > 0.0 ? 1.0 : 0.0;
        }
        $density = exp(-$z ** 2 / 2) / sqrt(2 * M_PI);
        if (abs($z) < 5.0) {
            [$sum, $term] = [$z, $z];
            for ($k = 1; abs($term) > 1e-17 * max(1e-300, abs($sum)); $k++) {
                $term *= $z ** 2 / (2 * $k + 1);
                $sum += $term;
            }

            return 0.5 + $density * $sum;
        }
        $tail = 0.0;
        for ($k = 120; $k > 0; $k--) {
            $tail = $k / (abs($z) + $tail);
        }
        $share = $density / (abs($z) + $tail);

        return $z > 0.0 ? 1.0 - $share : $share;
    }
}
