<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

/** Where the charted points of a rail lie in its depth. */
enum PointsAt: string
{
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';

    /** Part of the depth that lies above the points. */
    public function above(): float
    {
        return match ($this) {
            self::Top => 0.0,
            self::Middle => 0.5,
            self::Bottom => 1.0,
        };
    }
}
