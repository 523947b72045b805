<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What an axle carries at least and at most while something moves (kg); negative where it lifts. */
final readonly class AxleRangeProps
{
    public function __construct(public string $axle, public float $least, public float $greatest) {}
}
