<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A cut that is planned, by its operation; mm. */
final readonly class CutPlaceProps
{
    public function __construct(public string $operation, public float $station, public ?float $insert) {}
}
