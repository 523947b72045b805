<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\ReferenceCovariance;
use Geodex\Core\Geometry\Vector3;

/** One of the references that a frame can be held against. */
final readonly class ReferenceSource
{
    /**
     * @param  array<string, Vector3>  $places  mm
     * @param  array<string, Vector3>  $sigmas  mm, of the points that were measured themselves
     */
    public function __construct(public string $id, public string $name, public SourceKind $kind, public array $places, public array $sigmas, public ?ReferenceCovariance $covariance = null) {}
}
