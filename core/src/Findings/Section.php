<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** Part of the frame: the centre spans the base points, front and rear lie before and behind it. */
enum Section: string
{
    case Front = 'front';
    case Centre = 'centre';
    case Rear = 'rear';
}
