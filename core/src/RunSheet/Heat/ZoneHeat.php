<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Heat;

/** How warm a zone is estimated to be; °C. */
final readonly class ZoneHeat
{
    /** @param  ?float  $wait  seconds until the next run may follow; null where that is more than four hours away */
    public function __construct(public Zone $zone, public float $temperature, public float $low, public float $high, public ?float $wait, public bool $isCoolest) {}
}
