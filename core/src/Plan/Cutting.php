<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Units\InvalidQuantity;

/** How the cut is made and proved. */
final readonly class Cutting
{
    public const MAX_KERF_MM = 20.0;

    /**
     * @param  float  $kerf  width of the cut (mm)
     * @param  float  $witness  distance of the scribed witness marks from the cut (mm)
     * @param  bool  $level  lay the insert level even where the rail slopes
     *
     * @throws InvalidQuantity if the kerf is negative or the witness distance not more than zero
     */
    public function __construct(public float $kerf = 0.0, public float $witness = 100.0, public bool $level = false)
    {
        if (! is_finite($kerf) || $kerf < 0.0 || $kerf > self::MAX_KERF_MM) {
            throw InvalidPlan::kerf($kerf);
        }
        if (! is_finite($witness) || $witness <= 0.0) {
            throw InvalidQuantity::notPositive('The distance of the witness marks', $witness);
        }
    }
}
