<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** What a strip does in torsion. */
enum StripRole: string
{
    /** It twists by itself. */
    case Open = 'open';
    /** It closes a channel. */
    case Closing = 'closing';
    /** It is a wall of the cell that is given. */
    case Cell = 'cell';
}
