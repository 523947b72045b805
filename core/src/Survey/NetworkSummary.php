<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** The size of a network and how well its readings agree with the sigmas they claim. */
final readonly class NetworkSummary
{
    /**
     * @param  int  $readings  in use
     * @param  int  $gauge  directions that the readings leave free
     * @param  int  $redundancy  readings − unknowns + gauge
     * @param  ?float  $varianceFactor  vᵀPv / redundancy, null without redundancy
     * @param  bool  $consistent  whether the variance factor passes the χ² test at 95 %
     */
    public function __construct(
        public int $readings,
        public int $unknowns,
        public int $gauge,
        public int $redundancy,
        public ?float $varianceFactor,
        public int $iterations,
        public bool $consistent,
    ) {}

    /** How many times wider intervals are for readings that scatter more than their sigmas claim; 1 where they do not. */
    public function widening(): float
    {
        return $this->consistent || $this->varianceFactor === null ? 1.0 : max(1.0, sqrt($this->varianceFactor));
    }
}
