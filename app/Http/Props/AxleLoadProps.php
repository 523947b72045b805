<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What an axle carries, against what it may (kg; null where its plate is not entered). */
final readonly class AxleLoadProps
{
    public function __construct(public string $axle, public float $carries, public ?float $rating) {}
}
