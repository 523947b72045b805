<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** A reading to watch while pulling; mm. */
final readonly class PullCheck
{
    /**
     * @param  'tram'|'rise'  $kind
     * @param  string  $call  the two points
     * @param  float  $now  what it reads before this pull, the earlier ones made
     * @param  float  $target  what it reads when this pull is made
     */
    public function __construct(public string $kind, public string $call, public float $now, public float $target) {}
}
