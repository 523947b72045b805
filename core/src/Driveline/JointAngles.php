<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\Angle;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * Joint angles of a shaft in space, and what its two joints leave uncancelled.
 *
 * cos β = u·v between unit axes; residual θ = √|Σ ± β² e^{2iφ}| with φ the angle of each joint's plane about the shaft, of which
 * only the turn from the one plane to the other counts, and the sign changing with the yoke phase (Seherr-Thoss, Schmelz & Aucktor, Universal Joints and Driveshafts; SAE AE-7).
 */
final readonly class JointAngles implements HasProvenance
{
    public Angle $front;

    public Angle $rear;

    public Angle $residual;

    public function __construct(ShaftEnd $front, ShaftEnd $rear, YokePhase $phase)
    {
        $shaft = $rear->joint->minus($front->joint)->unit();
        $this->front = $this->between($front->axis(), $shaft);
        $this->rear = $this->between($shaft, $rear->axis());
        $sign = $phase === YokePhase::InPhase ? -1 : 1;
        $turn = $this->between($front->axis()->cross($shaft), $rear->axis()->cross($shaft))->radians;
        [$ahead, $behind] = [$this->front->radians ** 2, $this->rear->radians ** 2];
        $this->residual = Angle::ofRadians(sqrt(hypot($ahead + $sign * $behind * cos(2 * $turn), $behind * sin(2 * $turn))));
    }

    public static function provenance(): array
    {
        return [
            new Provenance('joint', 'Joint angle', 'cos β = u · v between the unit axes, in space', 'Seherr-Thoss, Schmelz & Aucktor, Universal Joints and Driveshafts'),
            new Provenance('residual', 'Uncancelled', 'θ = √|Σ ± β² e^{2iφ}|, φ the angle of each joint plane about the shaft', 'SAE AE-7, Universal Joint and Driveshaft Design Manual'),
        ];
    }

    /** By the sine as well as the cosine, which alone is blind to small angles. */
    private function between(Vector3 $u, Vector3 $v): Angle
    {
        return Angle::ofRadians(atan2($u->cross($v)->norm(), $u->dot($v)));
    }
}
