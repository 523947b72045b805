<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A surface, what it is coated with, and what closes it. */
final readonly class CoatingProps
{
    /** @param  string  $closed  by what, or when; empty for never */
    public function __construct(public string $place, public string $what, public string $closed, public bool $isCoated, public bool $isClosed, public bool $isOwn) {}
}
