<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;

/** Positions that satisfy the readings best, in the axes of the bench. */
final readonly class Adjustment
{
    /**
     * @param  array<string, Vector3>  $at  positions by point id (mm)
     * @param  list<float>  $misclosures  read less adjusted, in units of each reading's sigma
     */
    public function __construct(public array $at, public array $misclosures, public int $iterations) {}
}
