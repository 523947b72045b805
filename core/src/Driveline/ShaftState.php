<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

/** The shaft at one height of the suspension. */
final readonly class ShaftState
{
    /**
     * @param  string  $name  ride, bump or droop
     * @param  float  $length  between joint centres (mm)
     * @param  float  $engagement  of the slip joint with the tube cut as planned (mm)
     */
    public function __construct(public string $name, public float $length, public float $engagement, public JointAngles $angles) {}
}
