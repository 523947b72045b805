<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

/** What the pointer of the tram sits on. */
enum FeatureKind: string
{
    case Hole = 'hole';
    case Bolt = 'bolt';
    case Pin = 'pin';
    case Edge = 'edge';
    case Ball = 'ball';
}
