<?php

declare(strict_types=1);

namespace App\Parts;

/** A plate that is to be laid; mm. */
final readonly class NestedPart
{
    /** @param  non-empty-list<array{float, float}>  $outline */
    public function __construct(public int $part, public string $title, public array $outline, public int $count, public float $thickness) {}
}
