<?php

declare(strict_types=1);

namespace App\Parts;

/** A bar off the rack with what is sawn from it, in the order at the saw; mm. */
final readonly class SawnBar
{
    /** @param  list<string>  $keys  of lengths of parts */
    public function __construct(public int $stockItem, public array $keys, public float $offcut) {}
}
