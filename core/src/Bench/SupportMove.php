<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** What to do at the front or rear support, and what that does to the pair at the other end. */
final readonly class SupportMove
{
    /**
     * @param  'front'|'rear'  $end
     * @param  float  $right  push, to the right positive (mm)
     * @param  float  $other  how far that moves the pair at the other end to the right (mm)
     * @param  float  $liftLeft  mm, up positive
     * @param  float  $liftRight  mm, up positive
     * @param  float  $otherLift  how far the lifts move the other end's mean height (mm)
     */
    public function __construct(public string $end, public float $right, public float $other, public float $liftLeft, public float $liftRight, public float $otherLift) {}
}
