<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** A point whose readings agree among themselves while its chart is off by a figure that charts are off by. */
final readonly class ChartDoubt
{
    /**
     * @param  int  $axis  0 station, 1 offset, 2 height
     * @param  float  $chart  mm
     * @param  float  $measured  mm
     * @param  float  $suggested  what the chart probably meant (mm)
     */
    public function __construct(public string $point, public int $axis, public float $chart, public float $measured, public float $suggested, public string $text) {}
}
