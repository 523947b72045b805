<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A pull that is not ordered, and what has to be cleared up first. */
final readonly class HeldProps
{
    public function __construct(public string $what, public string $until) {}
}
