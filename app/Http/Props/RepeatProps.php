<?php

declare(strict_types=1);

namespace App\Http\Props;

/** The same thing read more than once, pooled; mm or degrees. */
final readonly class RepeatProps
{
    /** @param  list<string>  $readings */
    public function __construct(public string $kind, public array $readings, public float $mean, public float $expanded, public float $spread, public bool $agree) {}
}
