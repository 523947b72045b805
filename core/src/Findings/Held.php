<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** What a frame was held against. */
enum Held: string
{
    case Chart = 'chart';
    /** Its own mirror image, where no chart gives a point. */
    case Mirror = 'mirror';
    /** Nothing but the plane that four points are taken to lie in. */
    case Plane = 'plane';
}
