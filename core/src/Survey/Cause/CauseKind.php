<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

/** How a reading goes wrong. */
enum CauseKind: string
{
    case Inch = 'inch';
    case Unit = 'unit';
    case Sign = 'sign';
    case Round = 'round';
    case Digits = 'digits';
    case Edge = 'edge';
    case LeftRight = 'left-right';
    case OtherPoint = 'other-point';
}
