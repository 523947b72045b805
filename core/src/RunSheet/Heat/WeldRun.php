<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Heat;

/** A weld run as it was logged. */
final readonly class WeldRun
{
    /**
     * @param  float  $ended  seconds on any one clock
     * @param  float  $heat  kJ
     * @param  float  $length  mm
     */
    public function __construct(public Zone $zone, public float $ended, public float $heat, public float $length) {}
}
