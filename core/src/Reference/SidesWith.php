<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

/** Whom the readings side with where two sources are compared. */
enum SidesWith: string
{
    /** The sources agree. */
    case Both = 'agree';
    case First = 'first';
    case Second = 'second';
    /** The frame itself may be bent there. */
    case Neither = 'neither';
    /** They cannot tell. */
    case Open = 'open';
}
