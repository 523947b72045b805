<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A length that is sawn, and how many of it now; mm. */
final readonly class SawnPartProps
{
    public function __construct(public int $part, public string $title, public float $length, public int $now, public int $all) {}
}
