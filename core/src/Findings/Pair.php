<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Geometry\Vector3;

/** A left and a right mate, both determined. */
final readonly class Pair
{
    public float $station;

    public float $width;

    /**
     * @param  Vector3  $leftChart  mm
     * @param  Vector3  $rightChart  mm
     * @param  Vector3  $leftOff  measured less chart (mm)
     * @param  Vector3  $rightOff  measured less chart (mm)
     * @param  int  $leftColumn  of the covariance
     * @param  int  $rightColumn  of the covariance
     */
    public function __construct(
        public string $left,
        public string $right,
        public Vector3 $leftChart,
        public Vector3 $rightChart,
        public Vector3 $leftOff,
        public Vector3 $rightOff,
        public int $leftColumn,
        public int $rightColumn,
        public float $tolerance,
    ) {
        $this->station = ($leftChart->x + $rightChart->x) / 2;
        $this->width = $rightChart->minus($leftChart)->norm();
    }

    /** Roll, right side high positive, in radians for small angles. */
    public function roll(): LinearAmount
    {
        return (new LinearAmount)
            ->with($this->rightColumn + 2, $this->rightOff->z, 1 / $this->width)
            ->with($this->leftColumn + 2, $this->leftOff->z, -1 / $this->width);
    }

    /** Mean deviation of both sides along an axis (mm). */
    public function mean(int $axis): LinearAmount
    {
        return (new LinearAmount)
            ->with($this->leftColumn + $axis, $this->leftOff->toArray()[$axis], 0.5)
            ->with($this->rightColumn + $axis, $this->rightOff->toArray()[$axis], 0.5);
    }
}
