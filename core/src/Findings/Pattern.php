<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** The shapes a bent frame takes. */
enum Pattern: string
{
    case Sidesway = 'sidesway';
    case Sag = 'sag';
    case ShortRail = 'short-rail';
    case Twist = 'twist';
    case Diamond = 'diamond';
}
