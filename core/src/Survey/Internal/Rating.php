<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

/** How much a candidate reading is worth. */
final readonly class Rating
{
    /** Ranks: what holds a loose point beats what decides, which beats what checks. */
    public const LOOSE = 2;

    public const DECIDES = 1;

    public const CHECKS = 0;

    /**
     * @param  float  $gain  share of the undecided variance removed, or of the unchecked leverage
     * @param  array<int, float>  $row  design row in chart axes, not weighted
     */
    public function __construct(public int $rank, public float $gain, public float $expected, public array $row) {}
}
