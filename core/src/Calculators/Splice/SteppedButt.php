<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** Web and flanges cut at different stations, so that the rail is never welded all through at one of them. */
final readonly class SteppedButt implements SpliceSchool
{
    public static function name(): string
    {
        return 'stepped';
    }

    public static function label(): string
    {
        return 'Stepped butt';
    }

    public static function made(): string
    {
        return 'Top flange, web and bottom flange cut one behind the other, at least half a depth apart, and butted with full penetration; no station has all of its section welded.';
    }

    public static function weldsFlange(): bool
    {
        return true;
    }

    public static function jointClass(SpliceSite $site): float
    {
        return 80.0;
    }

    public static function endClass(): ?float
    {
        return null;
    }

    public static function weldsInside(): bool
    {
        return false;
    }

    public static function butt(SpliceSite $site): float
    {
        $web = [0.0, $site->depth - 2 * $site->thickness, $site->thickness * ($site->kind === 'box' ? 2 : 1), 1.0];
        $flange = fn (int $sign, float $counts): array => [$sign * ($site->depth - $site->thickness) / 2, $site->thickness, $site->width, $counts];
        $whole = self::modulus([$web, $flange(1, 1.0), $flange(-1, 1.0)]);

        return min(
            self::modulus([$web, $flange(1, $site->butt), $flange(-1, 1.0)]),
            self::modulus([[...array_slice($web, 0, 3), $site->butt], $flange(1, 1.0), $flange(-1, 1.0)]),
        ) / $whole;
    }

    public function parts(SpliceSite $site): array
    {
        return [];
    }

    /** @param  non-empty-list<array{float, float, float, float}>  $rectangles  height over the middle, depth, width (mm) and what it counts */
    private static function modulus(array $rectangles): float
    {
        $area = array_sum(array_map(fn (array $one): float => $one[3] * $one[1] * $one[2], $rectangles));
        $axis = array_sum(array_map(fn (array $one): float => $one[3] * $one[1] * $one[2] * $one[0], $rectangles)) / $area;
        $inertia = array_sum(array_map(fn (array $one): float => $one[3] * $one[1] * $one[2] * ($one[1] ** 2 / 12 + ($one[0] - $axis) ** 2), $rectangles));

        return $inertia / max(array_map(fn (array $one): float => abs($one[0] - $axis) + $one[1] / 2, $rectangles));
    }
}
