<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

/** A made-up driveshaft that is bent at one place and a little oval, for a stand-in that reads it with a dial; mm and degrees. */
final readonly class BentShaft
{
    /**
     * @param  float  $length  between its ends, which run true
     * @param  float  $bend  how far its axis is off where it is bent
     * @param  float  $at  share of the length where it is bent
     * @param  float  $oval  half the difference of its diameters
     */
    public function __construct(private float $length, private float $bend, private float $at, private float $bendAngle, private float $oval, private float $ovalAngle) {}

    public static function made(RandomSource $chance, float $length, float $bend, float $oval): self
    {
        return new self(length: $length, bend: $bend, at: $chance->between(0.25, 0.75), bendAngle: $chance->between(0.0, 360.0), oval: $oval, ovalAngle: $chance->between(0.0, 180.0));
    }

    /** What a dial shows there, against a shaft that is straight and round. */
    public function read(float $station, float $angle): float
    {
        $share = max(0.0, min(1.0, $station / $this->length));
        $off = $this->bend * ($share <= $this->at ? $share / $this->at : (1.0 - $share) / (1.0 - $this->at));

        return $off * cos(deg2rad($angle - $this->bendAngle)) + $this->oval / 2 * cos(2 * deg2rad($angle - $this->ovalAngle));
    }
}
