<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** What to do with the screw of one corner. */
final readonly class ScrewTurn
{
    /**
     * @param  float  $height  as measured (mm)
     * @param  float  $change  mm, up is positive
     * @param  float  $turns  how many, never negative
     * @param  bool  $clockwise  seen from above
     */
    public function __construct(public Corner $corner, public float $height, public float $change, public float $turns, public bool $clockwise) {}
}
