<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

/** Guideline limits, each with where it comes from; the vehicle and joint makers' own figures come first. */
final readonly class DrivelineLimits
{
    public const SOURCES = [
        'greatestJointAngle' => 'Shop guideline for a shaft at road speed; the joint maker\'s figure comes first.',
        'leastJointAngle' => 'Seherr-Thoss et al., Universal Joints and Driveshafts: needle rollers must roll, or they dent their races.',
        'greatestDifference' => 'Shop guideline: the angles of the two joints equal within one degree.',
        'greatestResidual' => 'SAE AE-7, Universal Joint and Driveshaft Design Manual: residual of the joint angles; shop guideline 3 degrees.',
        'greatestSpeedShare' => 'docs/formulas.md, "Driveline": stay below 75 % of the first critical speed.',
    ];

    /** Angles in degrees. */
    public function __construct(
        public float $greatestJointAngle = 7.0,
        public float $leastJointAngle = 0.5,
        public float $greatestDifference = 1.0,
        public float $greatestResidual = 3.0,
        public float $greatestSpeedShare = 0.75,
    ) {}
}
