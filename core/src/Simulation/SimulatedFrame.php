<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;

/** A made-up frame: what its chart says, where its points really are, and what was done to it. */
final readonly class SimulatedFrame
{
    /**
     * @param  array<string, Vector3>  $truth  mm, on the bench
     * @param  list<Damage>  $damages
     */
    public function __construct(public Frame $frame, public array $truth, public array $damages) {}
}
