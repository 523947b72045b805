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
     * @param  ?float  $rating  what it may carry (kg), from its plate
     * @param  ?float  $railHeight  middle of the rails above the ground there (mm)
     *
     * @throws InvalidQuantity if a size is not more than zero
     */
    public function __construct(public string $id, public float $station, public ?float $tyreRadius = null, public ?float $track = null, public ?float $rating = null, public ?float $railHeight = null)
    {
        foreach (['tyre radius' => $tyreRadius, 'track' => $track, 'rating' => $rating, 'rail height' => $railHeight] as $what => $size) {
            if ($size !== null && $size <= 0.0) {
                throw InvalidQuantity::notPositive("The $what of axle $id", $size);
            }
        }
    }

    /** The same axle at another station (mm). */
    public function at(float $station): self
    {
        return new self(id: $this->id, station: $station, tyreRadius: $this->tyreRadius, track: $this->track, rating: $this->rating, railHeight: $this->railHeight);
    }
}
