<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A reading to watch while pulling; mm. */
final readonly class PullCheckProps
{
    public function __construct(public string $call, public float $now, public float $target) {}
}
