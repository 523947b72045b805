<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\Vector3;

/** Where an adjustment starts. */
final readonly class Start
{
    /**
     * @param  array<string, Vector3>  $at  positions by point id (mm)
     * @param  list<int>  $gross  readings that are beyond anything a bent frame gives, by position in the list
     */
    public function __construct(public array $at, public array $gross = []) {}
}
