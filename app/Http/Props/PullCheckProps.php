<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A reading to watch while pulling; mm. */
final readonly class PullCheckProps
{
    /** @param  'tram'|'rise'  $kind */
    public function __construct(public string $kind, public string $call, public float $now, public float $target) {}
}
