<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

/** A signed angle, held in radians. */
final readonly class Angle implements \JsonSerializable
{
    private function __construct(public float $radians) {}

    /** @throws InvalidQuantity if $radians is NaN or infinite */
    public static function ofRadians(float $radians): self
    {
        if (! is_finite($radians)) {
            throw InvalidQuantity::notFinite('An angle');
        }

        return new self($radians);
    }

    /** @throws InvalidQuantity if $degrees is NaN or infinite */
    public static function ofDegrees(float $degrees): self
    {
        return self::ofRadians(deg2rad($degrees));
    }

    public function degrees(): float
    {
        return rad2deg($this->radians);
    }

    public function jsonSerialize(): float
    {
        return $this->degrees();
    }
}
