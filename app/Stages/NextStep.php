<?php

declare(strict_types=1);

namespace App\Stages;

/** The one thing a job needs next, in a few words, and where it is done. */
final readonly class NextStep
{
    public function __construct(public string $text, public string $href) {}
}
