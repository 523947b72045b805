<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Units\InvalidQuantity;

/** How far a point may stand off along each axis, in mm. */
final readonly class Tolerance
{
    /** What careful shops hold. */
    public const CAREFUL_SHOP_MM = 3.0;

    /** @param  array{float, float, float}  $mm along x, y and z */
    private function __construct(public array $mm) {}

    /** @throws InvalidQuantity if one of them is not more than zero */
    public static function of(float $x, float $y, float $z): self
    {
        foreach ([$x, $y, $z] as $mm) {
            if (! is_finite($mm) || $mm <= 0.0) {
                throw InvalidQuantity::notPositive('A tolerance', $mm);
            }
        }

        return new self([$x, $y, $z]);
    }

    /** @throws InvalidQuantity if $mm is not more than zero */
    public static function all(float $mm = self::CAREFUL_SHOP_MM): self
    {
        return self::of($mm, $mm, $mm);
    }
}
