<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Units\InvalidQuantity;

/** An axle at its station along the frame. */
final readonly class Axle
{
    /**
     * @param  float  $station  mm from the chart's zero, positive rearward
     * @param  ?float  $tyreRadius  mm, for the drawing
     * @param  ?float  $track  mm between the wheels' middles, for the drawing
     *
     * @throws InvalidQuantity if a size is not more than zero
     */
    public function __construct(public string $id, public float $station, public ?float $tyreRadius = null, public ?float $track = null)
    {
        foreach (['tyre radius' => $tyreRadius, 'track' => $track] as $what => $mm) {
            if ($mm !== null && $mm <= 0.0) {
                throw InvalidQuantity::notPositive("The $what of axle $id", $mm);
            }
        }
    }
}
