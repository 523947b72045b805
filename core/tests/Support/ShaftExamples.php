<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Driveline\ExistingShaft;
use Geodex\Core\Driveline\Shaft;
use Geodex\Core\Driveline\ShaftEnd;
use Geodex\Core\Driveline\Slip;
use Geodex\Core\Driveline\Tube;
use Geodex\Core\Driveline\YokePhase;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\Angle;

final class ShaftExamples
{
    /** A straight shaft whose two joints run at the angles given, in one plane. */
    public static function bent(float $front, float $rear, float $speed = 2000.0, ?float $wall = 3.0): Shaft
    {
        return new Shaft(
            id: 'rear',
            front: new ShaftEnd(Vector3::of(0, 0, 0), Angle::ofDegrees($front), Angle::ofDegrees(0)),
            rear: new ShaftEnd(Vector3::of(1400, 0, 0), Angle::ofDegrees($rear), Angle::ofDegrees(0)),
            existing: new ExistingShaft(1400, 60),
            slip: new Slip(120, 60, 40),
            tube: new Tube(89, $wall),
            phase: YokePhase::InPhase,
            bump: Vector3::of(0, 0, 0),
            droop: Vector3::of(0, 0, 0),
            speed: $speed,
        );
    }
}
