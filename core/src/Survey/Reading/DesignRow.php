<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** One row of the design matrix, before weighting. */
final readonly class DesignRow
{
    /**
     * @param  float  $predicted  f(x), mm or degrees
     * @param  list<float>  $partials  by x, y, z of each point in turn (no unit, or degrees per mm)
     */
    public function __construct(public float $predicted, public array $partials) {}
}
