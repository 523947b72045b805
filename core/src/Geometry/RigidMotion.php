<?php

declare(strict_types=1);

namespace Geodex\Core\Geometry;

/** A turn followed by a shift; no scale, no mirror. */
final readonly class RigidMotion
{
    /** @param  array{array{float, float, float}, array{float, float, float}, array{float, float, float}}  $rotation rows of the rotation matrix, no unit */
    public function __construct(private array $rotation, private Vector3 $shift) {}

    public function apply(Vector3 $point): Vector3
    {
        return $this->turn($point)->plus($this->shift);
    }

    /** Turns a direction without shifting it. */
    public function turn(Vector3 $direction): Vector3
    {
        [$a, $b, $c] = $this->rotation;

        return Vector3::of(
            $a[0] * $direction->x + $a[1] * $direction->y + $a[2] * $direction->z,
            $b[0] * $direction->x + $b[1] * $direction->y + $b[2] * $direction->z,
            $c[0] * $direction->x + $c[1] * $direction->y + $c[2] * $direction->z,
        );
    }

    public function inverse(): self
    {
        [$a, $b, $c] = $this->rotation;
        $back = new self([[$a[0], $b[0], $c[0]], [$a[1], $b[1], $c[1]], [$a[2], $b[2], $c[2]]], Vector3::of(0, 0, 0));

        return new self($back->rotation, $back->turn($this->shift)->times(-1));
    }
}
