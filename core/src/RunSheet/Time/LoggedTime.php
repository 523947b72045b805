<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Time;

/** What one step took, beside what it was expected to; minutes. */
final readonly class LoggedTime
{
    public function __construct(public string $kind, public float $estimated, public float $taken) {}
}
