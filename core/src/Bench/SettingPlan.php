<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** How the vehicle sits on the bench, what to move, and whether it may be tacked. */
final readonly class SettingPlan
{
    /**
     * @param  float  $frontOff  middle of the front pair right of the centreline (mm)
     * @param  float  $rearOff  middle of the rear pair right of the centreline (mm)
     * @param  float  $roll  right side higher than left, mean of both ends (mm)
     * @param  float  $wound  roll of the rear less roll of the front (mm): twist of the vehicle itself, no lift takes it out
     * @param  float  $worst  largest of what is left to move (mm)
     * @param  list<SupportMove>  $moves  front first
     * @param  list<string>  $left  what keeps it from being tacked
     */
    public function __construct(
        public float $frontOff,
        public float $rearOff,
        public float $roll,
        public float $wound,
        public float $worst,
        public bool $readyToTack,
        public array $moves,
        public array $left,
    ) {}
}
