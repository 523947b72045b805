<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Frame\Axle;

/** An axle as the drawing shows it; mm. */
final readonly class AxleProps
{
    public function __construct(public string $id, public float $station, public ?float $tyreRadius, public ?float $track) {}

    public static function from(Axle $axle): self
    {
        return new self($axle->id, $axle->station, $axle->tyreRadius, $axle->track);
    }
}
