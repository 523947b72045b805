<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

/** A run of rows along the frame on which two sources agree, or on which the readings side with one of them. */
final readonly class SourceRegion
{
    /**
     * @param  string  $from  name of its first row
     * @param  string  $to  name of its last row
     * @param  list<string>  $points
     * @param  float  $worst  largest difference between the sources (mm)
     */
    public function __construct(public string $from, public string $to, public array $points, public float $worst, public SidesWith $side) {}
}
