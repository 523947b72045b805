<?php

declare(strict_types=1);

namespace App\Http\Props;

/** How warm a zone is estimated to be; °C, s. */
final readonly class ZoneHeatProps
{
    /** @param  ?float  $wait  until the next run may follow; null where that is hours away */
    public function __construct(public string $id, public string $label, public float $temperature, public float $low, public float $high, public ?float $wait, public bool $isCoolest) {}
}
