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
 * cos β = u·v between unit axes; residual θ = √|Σ ± β² e^{2iφ}| with φ the angle of each joint's plane about the shaft
 * and the sign changing with the yoke phase (Seherr-Thoss, Schmelz & Aucktor, Universal Joints and Driveshafts; SAE AE-7).
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
        [$re1, $im1] = $this->squared($front->axis(), $shaft, $this->front->radians);
        [$re2, $im2] = $this->squared($rear->axis(), $shaft, $this->rear->radians);
        $this->residual = Angle::ofRadians(sqrt(hypot($re1 + $sign * $re2, $im1 + $sign * $im2)));
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

    /** @return array{float, float} β² e^{2iφ} as real and imaginary part */
    private function squared(Vector3 $axis, Vector3 $shaft, float $beta): array
    {
        $across = $axis->minus($shaft->times($axis->dot($shaft)));
        $right = $this->acrossShaft($shaft);
        $up = $right->cross($shaft);
        $phi = atan2($across->dot($up), $across->dot($right));

        return [$beta * $beta * cos(2 * $phi), $beta * $beta * sin(2 * $phi)];
    }

    private function acrossShaft(Vector3 $shaft): Vector3
    {
        $side = Vector3::of(0, 1, 0);
        $across = $side->minus($shaft->times($side->dot($shaft)));

        return $across->norm() > 1e-3 ? $across->unit() : Vector3::of(1, 0, 0)->minus($shaft->times($shaft->x))->unit();
    }
}
