<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** How far the bench is from a rectangle, and which corner moves how far with the front beam held. */
final readonly class SquarePlan
{
    /**
     * @param  ?float  $rack  how far the right side sits rearward of the left (mm), null where no length tells
     * @param  float  $unequal  diagonal from front left less the other (mm)
     * @param  float  $misclosure  largest contradiction among the six lengths (mm)
     * @param  list<CornerMove>  $moves  of the rear corners; none after a quick round from the diagonals alone
     * @param  string  $text  what it comes to
     * @param  float  $worst  largest of the differences that should vanish (mm)
     */
    public function __construct(public ?float $rack, public float $unequal, public float $misclosure, public bool $square, public array $moves, public string $text, public float $worst) {}
}
