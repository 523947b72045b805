<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Geometry\DegenerateGeometry;

/**
 * Digital level laid from the first point to the second, in degrees, positive when the second is higher.
 * Design equation l + v = atan2(zQ − zP, plan length); partials in degrees per mm.
 */
final readonly class SlopeReading implements ReadingKind
{
    use ReadsTwoPoints;

    public static function name(): string
    {
        return 'slope';
    }

    public static function letter(): string
    {
        return 'l';
    }

    public static function quantity(): string
    {
        return 'angle';
    }

    /** It is what the level reads. */
    public static function word(): string
    {
        return 'Level';
    }

    public static function label(): string
    {
        return 'level laid from one point to another, degrees';
    }

    public static function example(): string
    {
        return 'l BL BR 0.2';
    }

    public static function usualSigma(): float
    {
        return 0.1;
    }

    public static function tellsHeight(): bool
    {
        return true;
    }

    /** From the other end it has the other sign. */
    public function repeatKey(): string
    {
        return self::name().' '.implode(' ', $this->points());
    }

    public function linearise(array $at): DesignRow
    {
        $d = $at[$this->to]->minus($at[$this->from]);
        $plan = sqrt($d->x * $d->x + $d->y * $d->y);
        if ($plan < FrameLimits::NO_DIRECTION_MM) {
            throw DegenerateGeometry::noDirection($plan);
        }
        $degrees = 180 / M_PI / ($plan * $plan + $d->z * $d->z);
        $x = -$d->z * $d->x / $plan * $degrees;
        $y = -$d->z * $d->y / $plan * $degrees;
        $z = $plan * $degrees;

        return new DesignRow(rad2deg(atan2($d->z, $plan)), [-$x, -$y, -$z, $x, $y, $z]);
    }

    public function implausible(float $value): ?string
    {
        return FrameLimits::slope($value);
    }
}
