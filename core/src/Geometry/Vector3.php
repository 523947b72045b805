<?php

declare(strict_types=1);

namespace Geodex\Core\Geometry;

use Geodex\Core\Units\InvalidQuantity;

/** A point or a displacement in the frame's axes: x rearward, y right, z up, in millimetres. */
final readonly class Vector3 implements \JsonSerializable
{
    private function __construct(public float $x, public float $y, public float $z) {}

    /**
     * @param  float  $x  mm
     * @param  float  $y  mm
     * @param  float  $z  mm
     *
     * @throws InvalidQuantity if a coordinate is NaN or infinite
     */
    public static function of(float $x, float $y, float $z): self
    {
        if (! is_finite($x) || ! is_finite($y) || ! is_finite($z)) {
            throw InvalidQuantity::notFinite('A coordinate');
        }

        return new self($x, $y, $z);
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y, $this->z + $other->z);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y, $this->z - $other->z);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor, $this->z * $factor);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    /** Length in mm. */
    public function norm(): float
    {
        return sqrt($this->dot($this));
    }

    /** @throws DegenerateGeometry if the vector has no direction (shorter than 1e-9 mm) */
    public function unit(): self
    {
        $norm = $this->norm();
        if ($norm < 1e-9) {
            throw DegenerateGeometry::noDirection($norm);
        }

        return $this->times(1 / $norm);
    }

    /** @return array{float, float, float} */
    public function toArray(): array
    {
        return [$this->x, $this->y, $this->z];
    }

    /** @return array{float, float, float} */
    public function jsonSerialize(): array
    {
        return $this->toArray();
    }
}
