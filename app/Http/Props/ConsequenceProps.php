<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One thing that the plan changes; in its unit. */
final readonly class ConsequenceProps
{
    public function __construct(public string $name, public string $label, public string $unit, public ?float $before, public ?float $after, public string $note, public bool $changes) {}
}
