<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

/** A person wants one step before another. */
final readonly class Arrow
{
    public function __construct(public string $first, public string $then) {}
}
