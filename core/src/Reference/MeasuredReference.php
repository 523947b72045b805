<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\ReferenceCovariance;
use Geodex\Core\Geometry\Vector3;

/** Positions that readings gave, to serve as what another survey is held against. */
final readonly class MeasuredReference
{
    /**
     * @param  array<string, Vector3>  $places  mm, of every point that is fully determined
     * @param  array<string, Vector3>  $sigmas  mm
     * @param  list<string>  $free  points that the readings leave loose, so that they have no place
     * @param  list<string>  $contradicted  ids of readings that the others contradict, left out
     * @param  ?ReferenceCovariance  $covariance  of all places together
     */
    public function __construct(public array $places, public array $sigmas, public array $free, public array $contradicted, public ?ReferenceCovariance $covariance = null) {}
}
