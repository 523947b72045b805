<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

/** What the made-up person called out, and what they did wrong, if anything. */
final readonly class SimulatedReading
{
    /**
     * @param  float  $value  mm or degrees, as fine as the scale is read
     * @param  ?string  $mistake  what went wrong, null if nothing did
     */
    public function __construct(public float $value, public ?string $mistake) {}
}
