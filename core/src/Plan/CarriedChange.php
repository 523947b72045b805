<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** A line, cable or shaft that crosses a cut, how much longer (or shorter, negative) it must become (mm), and which of its ends is cut out. */
final readonly class CarriedChange
{
    public function __construct(public string $feature, public float $change, public ?string $end = null) {}
}
