<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A mount along a body: where, whether it stays, its share of an even load, its shim; mm. */
final readonly class PlacedMountProps
{
    public function __construct(public float $station, public bool $stays, public float $share, public ?float $shim) {}
}
