<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** One way a section of the frame can be out of shape, with how much of it there is (mm). */
final readonly class Finding
{
    /**
     * @param  ?string  $side  left or right, for a short rail
     * @param  float  $amount  mm, signed as in docs/formulas.md, "Findings"
     * @param  float  $sigma  standard uncertainty (mm)
     * @param  list<string>  $points  the points it was read from, the outermost pair first
     * @param  float  $tolerance  of the section's points (mm)
     */
    public function __construct(
        public Pattern $pattern,
        public Section $section,
        public ?string $side,
        public float $amount,
        public float $sigma,
        public bool $significant,
        public string $text,
        public array $points,
        public float $tolerance,
    ) {}
}
