<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Something that runs along the frame, and how its length changes; mm, zero where it does not. */
final readonly class CarriedProps
{
    public function __construct(public string $feature, public float $from, public float $to, public float $change) {}
}
