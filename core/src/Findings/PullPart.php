<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** What some points of the frame have to do in one pull. */
final readonly class PullPart
{
    /**
     * @param  list<string>  $points
     * @param  float  $amount  mm, never negative
     */
    public function __construct(public array $points, public Way $way, public float $amount) {}
}
