<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** What a free axle does at ride for the first millimetre: heave with both wheels, roll with one down and one up. */
final readonly class AxleAtRide
{
    /** A turn of less has no instant centre (rad/mm). */
    private const STILL = 1e-7;

    public function __construct(private LinkedAxle $axle) {}

    /** @return array<string, mixed> */
    public function told(Values $given): array
    {
        [$v, $w] = $this->axle->motion(1.0, 1.0);
        [$rollV, $rollW] = $this->axle->motion(-1.0, 1.0);
        $middle = $this->axle->middle;
        $atOrigin = $v->minus($w->cross($middle));
        $patch = $v->plus($w->cross(Vector3::of(0.0, 0.0, $this->axle->ground - $middle->z)));
        $lever = $given->has('wheelbase') && $given->has('cgHeight') ? ($given->text('end') === 'front' ? -1 : 1) * 100 * $given->number('wheelbase') / $given->number('cgHeight') : null;
        $path = ['axle' => $patch->x, 'chassis' => $v->x, 'none' => null][$given->text('drive')] ?? null;

        return [
            'instantCentre' => abs($w->y) < self::STILL ? null : [$atOrigin->z / $w->y, -$atOrigin->x / $w->y], 'patchPath' => $patch->x, 'centrePath' => $v->x,
            'antiSquat' => $lever === null || $path === null ? null : $lever * $given->number('driveShare') * $path,
            'antiLift' => $lever === null || ! $given->has('brakeShare') ? null : $lever * $given->number('brakeShare') * $patch->x,
            'pinionPerBump' => rad2deg($w->y), 'steerPerBump' => -rad2deg($w->z), 'shiftPerBump' => $v->y,
            'rollCentre' => $middle->z + $rollV->y / $rollW->x, 'rollAxis' => rad2deg(atan($rollW->z / $rollW->x)), 'rollSteer' => -$rollW->z / $rollW->x,
        ];
    }
}
