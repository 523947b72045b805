<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

/** What a rail bears at one station under one way of loading. */
final readonly class StressPoint
{
    /**
     * @param  float  $moment  of both rails together (N·m)
     * @param  float  $stress  with the dynamic factor, in the weaker rail (MPa)
     * @param  ?float  $margin  yield over stress; null where the yield is not given
     */
    public function __construct(public LoadKind $case, public float $station, public float $moment, public float $stress, public ?float $margin, public RailStrength $rail) {}
}
