<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

/** Somebody with a tool: how much its sleeve slops, and how often they misread. */
final readonly class Person
{
    /**
     * @param  float  $slop  times the usual sigma of each reading kind
     * @param  float  $misreads  share of readings that go wrong, 0 to 1
     */
    public function __construct(public float $slop = 1.0, public float $misreads = 0.0) {}
}
