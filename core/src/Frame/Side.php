<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

/** Side of the vehicle as its driver sits. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
    case Centre = 'centre';
}
