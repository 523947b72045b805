<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** What the scribed marks either side of a cut must read before and after, on each rail (mm along the rail). */
final readonly class WitnessReading
{
    public function __construct(public string $operation, public float $distance, public float $before, public float $after) {}
}
