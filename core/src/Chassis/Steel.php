<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

/** What kind of steel a rail is of, as far as heat goes. */
enum Steel: string
{
    case Mild = 'mild';
    case HighStrength = 'high-strength';
    case HeatTreated = 'heat-treated';

    /** Heat takes away what the treatment gave, and a hole in a flange starts a crack. */
    public function refusesHeat(): bool
    {
        return $this === self::HeatTreated;
    }
}
