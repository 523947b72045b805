<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

/** How the two yokes of the shaft stand to each other. */
enum YokePhase: string
{
    case InPhase = 'in-phase';
    case QuarterTurn = 'quarter-turn';
}
