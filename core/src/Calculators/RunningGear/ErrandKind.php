<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

/** What has to happen with a part before the vehicle runs again. */
enum ErrandKind: string
{
    case Make = 'make';
    case Buy = 'buy';
    case SendOut = 'send out';
    case Settle = 'settle';
}
