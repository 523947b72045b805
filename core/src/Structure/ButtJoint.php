<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/**
 * A butt weld in plate, a single V from one side: its area, and what it draws in square to itself, by 0.10 A/t (Blodgett, Design of Welded
 * Structures) and by 0.20 A/t + 0.05 g (AWS Welding Handbook, after Spraragen and Ettinger). The two differ by a factor of two: prefer
 * what the shop has measured.
 */
final readonly class ButtJoint
{
    /** mm² */
    public float $area;

    /** mm */
    public float $faceWidth;

    /** Shrinkage by average width (mm). */
    public float $averageWidth;

    /** Shrinkage by area and gap (mm). */
    public float $areaAndGap;

    /**
     * @param  float  $gap  root gap (mm)
     * @param  float  $thickness  mm
     * @param  float  $groove  whole angle of the V, degrees
     * @param  float  $land  height of the root face (mm)
     * @param  float  $cap  height of the weld above the plate (mm)
     */
    public function __construct(float $gap, float $thickness, float $groove = 60.0, float $land = 0.0, float $cap = 0.0)
    {
        $half = tan(deg2rad($groove) / 2);
        $this->faceWidth = $gap + 2 * ($thickness - $land) * $half;
        $this->area = $gap * $thickness + ($thickness - $land) ** 2 * $half + 2 / 3 * $cap * $this->faceWidth;
        $this->averageWidth = 0.10 * $this->area / $thickness;
        $this->areaAndGap = 0.20 * $this->area / $thickness + 0.05 * $gap;
    }
}
