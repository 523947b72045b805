<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A length between two marks that stay; mm. */
final readonly class MarkLengthProps
{
    public function __construct(public string $from, public string $to, public float $length) {}
}
