<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Survey\NetworkSummary;

/** The size of the survey and how well its readings agree. */
final readonly class NetworkProps
{
    /** @param  float  $widening  how many times wider intervals are than the tools claim, 1 where the readings agree */
    public function __construct(
        public int $readings,
        public int $unknowns,
        public int $gauge,
        public int $redundancy,
        public ?float $varianceFactor,
        public bool $consistent,
        public float $widening,
    ) {}

    public static function from(NetworkSummary $network): self
    {
        return new self(
            readings: $network->readings,
            unknowns: $network->unknowns,
            gauge: $network->gauge,
            redundancy: $network->redundancy,
            varianceFactor: $network->varianceFactor,
            consistent: $network->consistent,
            widening: $network->widening(),
        );
    }
}
