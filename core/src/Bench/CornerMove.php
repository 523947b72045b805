<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** How far a corner has to come for the bench to be square (mm). */
final readonly class CornerMove
{
    /**
     * @param  float  $rearward  mm
     * @param  float  $right  mm
     */
    public function __construct(public Corner $corner, public float $rearward, public float $right) {}
}
