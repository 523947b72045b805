<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\Angle;

/** A joint centre and the direction of the shaft that it hangs on: gearbox output in front, pinion at the rear. */
final readonly class ShaftEnd
{
    /**
     * @param  Vector3  $joint  joint centre in chart axes (mm)
     * @param  Angle  $pitch  of the axis, positive when it rises rearward
     * @param  ?Angle  $yaw  of the axis, positive when it runs to the right going rearward; null where not given, and taken as straight
     */
    public function __construct(public Vector3 $joint, public Angle $pitch, public ?Angle $yaw) {}

    /** Unit vector of the axis, pointing rearward. */
    public function axis(): Vector3
    {
        $level = cos($this->pitch->radians);

        $yaw = $this->yaw->radians ?? 0.0;

        return Vector3::of($level * cos($yaw), $level * sin($yaw), sin($this->pitch->radians));
    }

    public function at(Vector3 $joint): self
    {
        return new self($joint, $this->pitch, $this->yaw);
    }
}
