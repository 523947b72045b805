<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** One thing that a plan changes about the vehicle, before and after. */
final readonly class Consequence
{
    /** @param  string  $unit  mm, °, kg, % or m */
    public function __construct(public string $name, public string $label, public string $unit, public ?float $before, public ?float $after, public string $note = '') {}

    public function changes(): bool
    {
        return $this->before !== null && $this->after !== null && abs($this->after - $this->before) > 1e-6;
    }
}
