<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** A corner of the bench, as its user stands facing forward. */
enum Corner: string
{
    case FrontLeft = 'front-left';
    case FrontRight = 'front-right';
    case RearLeft = 'rear-left';
    case RearRight = 'rear-right';

    /** "front left", as it is said. */
    public function words(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
