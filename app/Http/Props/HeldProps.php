<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** A pull that is not ordered, and what has to be cleared up first. */
final readonly class HeldProps
{
    public function __construct(public Sentence $what, public Sentence $until) {}
}
