<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** How the bench stands, and the turns that level it. */
final readonly class LevelPlan
{
    /**
     * @param  float  $along  rise of the plane through the corners from front to rear (mm)
     * @param  float  $across  rise of that plane from left to right (mm)
     * @param  float  $twist  how far each corner stands off that plane (mm); front left and rear right high is positive
     * @param  float  $spread  highest less lowest corner (mm)
     * @param  list<ScrewTurn>  $turns
     */
    public function __construct(
        public float $along,
        public float $across,
        public float $twist,
        public float $spread,
        public bool $level,
        public array $turns,
        public float $misclosure,
    ) {}
}
