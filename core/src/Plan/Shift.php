<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Geometry\Vector3;

/** What one operation does to the run of the rails: the band between its cuts goes, a length is put in, and everything behind moves. */
final readonly class Shift
{
    /** Length along the rail that is gained (mm), or lost: negative. */
    public float $growth;

    /**
     * @param  float  $cut  station of the front cut (mm)
     * @param  float  $bandEnd  station of the rear cut (mm); the same as $cut where nothing is taken out
     * @param  float  $removed  length along the rail that is taken out (mm)
     * @param  float  $inserted  length along the rail that is put in (mm)
     * @param  Vector3  $by  how what lies behind moves (mm)
     * @param  float  $slope  of the insert, radians
     * @param  float  $railSlope  of the rail at the cut, as the chart has it, radians
     */
    public function __construct(public string $operation, public float $cut, public float $bandEnd, public float $removed, public float $inserted, public Vector3 $by, public float $slope, public float $railSlope)
    {
        $this->growth = $inserted - $removed;
    }

    public function takesOut(float $station): bool
    {
        return $station > $this->cut && $station < $this->bandEnd;
    }

    /** What stands at the cut itself stays with the front half. */
    public function moves(float $station): bool
    {
        return $station > $this->cut && $station >= $this->bandEnd;
    }

    /** What a station gains along the rail (mm): in the band what has gone so far, behind it all. */
    public function gain(float $station): float
    {
        $band = $this->bandEnd - $this->cut;
        $gone = $band > 0.0 ? $this->removed * (max($this->cut, min($this->bandEnd, $station)) - $this->cut) / $band : 0.0;

        return ($this->moves($station) ? $this->inserted : 0.0) - $gone;
    }
}
