<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** How a chart may have gone wrong, by what the readings say. */
enum DoubtKind: string
{
    /** One number is off by a figure that slips make. */
    case Figure = 'figure';
    case Sign = 'sign';
    /** Two lines stand in each other's place. */
    case Swapped = 'swapped';
    /** Left stands for right. */
    case Mirrored = 'mirrored';
    /** Two columns are exchanged for every point. */
    case Axes = 'axes';
}
