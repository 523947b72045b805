<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

use Geodex\Core\Geometry\Vector3;

/**
 * Where the loose half of a cut frame stands against its plan: shifted and turned about a pivot, by roll, then pitch, then yaw.
 * Yaw +: the rear end swings right; pitch +: it sinks; roll +: the right side rises. mm and radians.
 */
final readonly class HalfPose
{
    public function __construct(public Vector3 $pivot, public Vector3 $shift, public float $roll = 0.0, public float $pitch = 0.0, public float $yaw = 0.0) {}

    public function place(Vector3 $planned): Vector3
    {
        return $this->pivot->plus($this->shift)->plus($this->rolled($planned->minus($this->pivot), 0));
    }

    /**
     * How a point travels with shift x, y, z and roll, pitch, yaw.
     *
     * @return non-empty-list<Vector3>
     */
    public function travels(Vector3 $planned): array
    {
        $arm = $planned->minus($this->pivot);

        return [Vector3::of(1.0, 0.0, 0.0), Vector3::of(0.0, 1.0, 0.0), Vector3::of(0.0, 0.0, 1.0), $this->rolled($arm, 1), $this->rolled($arm, 2), $this->rolled($arm, 3)];
    }

    /** @param  list<float>  $step  shift x, y, z (mm), roll, pitch, yaw (radians) */
    public function moved(array $step): self
    {
        return new self(pivot: $this->pivot, shift: $this->shift->plus(Vector3::of($step[0], $step[1], $step[2])), roll: $this->roll + $step[3], pitch: $this->pitch + $step[4], yaw: $this->yaw + $step[5]);
    }

    /** @param  int  $slope  0: turned; 1, 2, 3: how that changes with roll, pitch, yaw */
    private function rolled(Vector3 $arm, int $slope): Vector3
    {
        [$y, $z] = self::turned($arm->y, $arm->z, $this->roll, $slope === 1);
        $x = $slope === 1 ? 0.0 : $arm->x;
        [$z, $x] = self::turned($z, $x, $this->pitch, $slope === 2);
        $y = $slope === 2 ? 0.0 : $y;
        [$x, $y] = self::turned($x, $y, $this->yaw, $slope === 3);

        return Vector3::of($x, $y, $slope === 3 ? 0.0 : $z);
    }

    /** @return array{float, float} */
    private static function turned(float $a, float $b, float $angle, bool $isSlope): array
    {
        [$cos, $sin] = $isSlope ? [-sin($angle), cos($angle)] : [cos($angle), sin($angle)];

        return [$a * $cos - $b * $sin, $a * $sin + $b * $cos];
    }
}
