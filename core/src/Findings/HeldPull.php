<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Words\Sentence;

/** A pull that is not ordered, since what it rests on is in question. */
final readonly class HeldPull
{
    /**
     * @param  Sentence  $what  that would be pulled
     * @param  Sentence  $until  what has to be cleared up first
     */
    public function __construct(public Sentence $what, public Sentence $until) {}
}
