<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Units\Angle;
use Geodex\Core\Words\Sentence;

/** A shaft recalculated; lengths in mm, speeds in rev/min. */
final readonly class ShaftResult
{
    /**
     * @param  Shaft  $shaft  with its joints where they are now
     * @param  list<ShaftState>  $states  ride, and bump and droop where they are given
     * @param  float  $tubeToCut  negative means tube to add (mm)
     * @param  ?float  $bottomingClearance  what the slip can still slide in at full bump (mm), null where that is not given
     * @param  ?float  $minEngagement  of the slip at full droop (mm), null where that is not given
     * @param  list<Sentence>  $assumed  what was not given, and what was taken in its place
     * @param  ?float  $criticalSpeed  first critical speed, null while the wall is not known
     * @param  float  $speedVariation  of the rear yoke at the worse joint, share of the speed either way
     * @param  float  $angularAcceleration  peak, rad/s², from the residual of both joints
     * @param  ?Angle  $worstAngle  largest joint angle over the travel
     * @param  list<Sentence>  $warnings
     */
    public function __construct(
        public Shaft $shaft,
        public array $states,
        public float $tubeToCut,
        public ?float $bottomingClearance,
        public ?float $minEngagement,
        public ?float $criticalSpeed,
        public float $speedVariation,
        public float $angularAcceleration,
        public ?Angle $worstAngle,
        public array $warnings,
        public ShaftCut $cut,
        public array $assumed,
    ) {}
}
