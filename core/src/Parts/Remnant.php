<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** What is left of a bar, and of a sheet between its pieces. */
final readonly class Remnant
{
    /** Shorter is scrap: shop default (mm). */
    public const LEAST = 150.0;

    /** More than the kerf has to stay between two pieces (mm). */
    private const OVER_KERF = 2.0;

    /** @return ?float length that goes back to the rack, in whole millimetres; null where it is scrap */
    public static function kept(float $offcut): ?float
    {
        return $offcut < self::LEAST ? null : floor($offcut);
    }

    /** Least strip between two pieces of a sheet: as wide as the sheet is thick, and wider than the cut (mm). */
    public static function bridge(float $kerf, float $thickness): float
    {
        return max($kerf + self::OVER_KERF, $thickness);
    }

    /** Share of a sheet that its pieces take. */
    public static function used(float $area, float $length, float $width): float
    {
        return $area / max(1.0, $length * $width);
    }
}
