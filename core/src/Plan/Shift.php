<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Geometry\Vector3;

/** What one operation does: everything behind the cut moves, everything inside the band goes. */
final readonly class Shift
{
    /**
     * @param  float  $growth  length along the rail that is put in (mm, positive) or taken out (negative)
     * @param  float  $cut  station of the front cut (mm)
     * @param  float  $bandEnd  station of the rear cut (mm); the same as $cut for a stretch
     * @param  Vector3  $by  how what lies behind moves (mm)
     * @param  float  $slope  of the insert, radians
     */
    public function __construct(
        public string $operation,
        public float $growth,
        public float $cut,
        public float $bandEnd,
        public Vector3 $by,
        public float $slope,
    ) {}

    public function takesOut(float $station): bool
    {
        return $station > $this->cut && $station < $this->bandEnd;
    }

    public function moves(float $station): bool
    {
        return $station > $this->cut && $station >= $this->bandEnd;
    }
}
