<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** Something on the frame that a tape is hooked to, to find a station again: how far behind it the station lies (mm), ahead of it negative. */
final readonly class Sight
{
    public function __construct(public string $from, public float $distance) {}
}
