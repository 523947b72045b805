<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

/** The two units a job can be kept in. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';
}
