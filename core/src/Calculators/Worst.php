<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

/** Of several uses the greatest; the first of those that are the same. */
final readonly class Worst
{
    /** Uses that differ by less, as a share, are the same. */
    private const SAME = 1e-9;

    /**
     * @template Place of array{utilisation: float, ...}
     *
     * @param  non-empty-list<Place>  $places
     * @return Place
     */
    public static function of(array $places): array
    {
        $worst = $places[0];
        foreach ($places as $place) {
            if ($place['utilisation'] > $worst['utilisation'] * (1 + self::SAME)) {
                $worst = $place;
            }
        }

        return $worst;
    }
}
