<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

/** What is probably wrong in a chart. */
enum FaultKind: string
{
    case Mirror = 'mirror';
    case FarAway = 'far-away';
    case Axes = 'axes';
    case Units = 'units';
    case Mate = 'mate';
    case Base = 'base';
    case SamePlace = 'same-place';
}
