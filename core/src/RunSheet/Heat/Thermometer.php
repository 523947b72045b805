<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Heat;

/** What a thermometer read at a joint. */
final readonly class Thermometer
{
    /**
     * @param  float  $time  seconds on the clock of the runs
     * @param  float  $temperature  °C
     */
    public function __construct(public Zone $zone, public float $time, public float $temperature) {}
}
