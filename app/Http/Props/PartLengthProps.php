<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A length that is sawn for one part; mm. */
final readonly class PartLengthProps
{
    public function __construct(public float $length, public int $count) {}
}
