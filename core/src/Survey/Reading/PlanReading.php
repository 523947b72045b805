<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Geometry\DegenerateGeometry;

/**
 * Length between plumb-bob marks, or with the bar held level. Design equation l + v = √(dx² + dy²).
 */
final readonly class PlanReading implements ReadingKind
{
    use ReadsTwoPoints;

    public static function name(): string
    {
        return 'plan';
    }

    public static function letter(): string
    {
        return 'p';
    }

    public static function label(): string
    {
        return 'length between plumb-bob marks';
    }

    public static function example(): string
    {
        return 'p BL DR 1198';
    }

    public static function usualSigma(): float
    {
        return 1.5;
    }

    public static function isDistance(): bool
    {
        return true;
    }

    public function linearise(array $at): DesignRow
    {
        $d = $at[$this->to]->minus($at[$this->from]);
        $length = sqrt($d->x * $d->x + $d->y * $d->y);
        if ($length < FrameLimits::NO_DIRECTION_MM) {
            throw DegenerateGeometry::noDirection($length);
        }
        [$x, $y] = [$d->x / $length, $d->y / $length];

        return new DesignRow($length, [-$x, -$y, 0.0, $x, $y, 0.0]);
    }

    public function implausible(float $value): ?string
    {
        return FrameLimits::span($value);
    }
}
