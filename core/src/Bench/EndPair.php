<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

/** A matched pair of structural points at one end of the vehicle, as a plumb bob puts them on the bench (mm). */
final readonly class EndPair
{
    /**
     * @param  float  $station  along the bench (mm, rearward)
     * @param  float  $left  distance of the left point from the centreline (mm)
     * @param  float  $right  distance of the right point from the centreline (mm)
     * @param  float  $leftHeight  above the bench (mm)
     * @param  float  $rightHeight  above the bench (mm)
     * @param  float  $support  station where this end is nudged and lifted (mm)
     *
     * @throws UnusableBench if the points do not lie on their sides of the centreline
     */
    public function __construct(
        public float $station,
        public float $left,
        public float $right,
        public float $leftHeight,
        public float $rightHeight,
        public float $support,
    ) {
        if ($left + $right <= 0.0) {
            throw UnusableBench::notPositive('The width between a left and a right point', $left + $right);
        }
    }

    /** How far the pair's middle stands to the right of the centreline (mm). */
    public function offCentre(): float
    {
        return ($this->right - $this->left) / 2;
    }
}
