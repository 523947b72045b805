<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Chassis\Rail;
use Geodex\Core\Frame\Side;

/** What a rail has against bending at one station. */
final readonly class RailStrength
{
    /**
     * @param  float  $modulus  the lesser of top and bottom (mm³)
     * @param  float  $inertia  mm⁴
     */
    public function __construct(public Rail $rail, public Side $side, public float $modulus, public float $inertia) {}
}
