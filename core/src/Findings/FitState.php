<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** Whether a frame may be modified as it stands. */
enum FitState: string
{
    case Fit = 'fit';
    case Straighten = 'straighten';
    case Undecided = 'undecided';
}
