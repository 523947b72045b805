<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** A plate or bar of a built-up section, by its middle; what it does in torsion. */
final readonly class Strip
{
    /** @param  float  $angle  of its width from y towards z, degrees */
    public function __construct(public float $y, public float $z, public float $width, public float $thickness, public float $angle, public StripRole $role) {}

    public function outline(): Outline
    {
        return Outline::rectangle(y: $this->y, z: $this->z, width: $this->width, thickness: $this->thickness, angle: $this->angle);
    }

    /** w t³ / 3 (mm⁴) */
    public function openConstant(): float
    {
        return $this->role === StripRole::Open ? $this->width * $this->thickness ** 3 / 3 : 0.0;
    }
}
