<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** A pull that is not ordered, since what it rests on is in question. */
final readonly class HeldPull
{
    /**
     * @param  string  $what  that would be pulled
     * @param  string  $until  what has to be cleared up first
     */
    public function __construct(public string $what, public string $until) {}
}
