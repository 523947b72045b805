<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Frame\CarriedItem;
use Geodex\Core\Geometry\Vector3;

/** All cuts of a plan together, from the front: where things come to lie, and what becomes of what crosses them. */
final readonly class Shifts
{
    /** @param  list<Shift>  $all  by station */
    public function __construct(public array $all = []) {}

    /** @throws InvalidPlan if it cuts into the one before */
    public function with(Shift $shift): self
    {
        $last = $this->all === [] ? null : $this->all[count($this->all) - 1];
        if ($last !== null && $shift->cut <= $last->bandEnd) {
            throw InvalidPlan::overlap($last->operation, $shift->operation);
        }

        return new self([...$this->all, $shift]);
    }

    public function of(string $operation): ?Shift
    {
        foreach ($this->all as $shift) {
            if ($shift->operation === $operation) {
                return $shift;
            }
        }

        return null;
    }

    /** Where something fixed to the frame at $place ends up; null if it is cut out. */
    public function moved(Vector3 $place): ?Vector3
    {
        $moved = $place;
        foreach ($this->all as $shift) {
            if ($shift->takesOut($place->x)) {
                return null;
            }
            $moved = $shift->moves($place->x) ? $moved->plus($shift->by) : $moved;
        }

        return $moved;
    }

    /** Where a station comes to lie (mm). */
    public function station(float $station): float
    {
        $sum = $station;
        foreach ($this->all as $shift) {
            $sum += $station > $shift->cut ? $shift->by->x : 0.0;
        }

        return $sum;
    }

    /** With both ends where they come to lie; one in a band that is taken out stays at its cut. */
    public function carried(CarriedItem $item): CarriedItem
    {
        return new CarriedItem($item->feature, $this->end($item->from), $this->end($item->to));
    }

    /** A stretch lengthens what passes its cut by all of it; a shorten takes off what lay in its band. Null where nothing changes. */
    public function change(CarriedItem $item): ?CarriedChange
    {
        $change = 0.0;
        $ends = [];
        foreach ($this->all as $shift) {
            $band = $shift->bandEnd - $shift->cut;
            $within = max(0.0, min($item->to, $shift->bandEnd) - max($item->from, $shift->cut));
            $change += $shift->growth > 0 ? ($item->from <= $shift->cut && $item->to > $shift->cut ? $shift->growth : 0.0) : $shift->growth * $within / max(1e-9, $band);
            foreach (['front' => $item->from, 'rear' => $item->to] as $end => $station) {
                if ($shift->takesOut($station)) {
                    $ends[] = "its $end end lies in the piece that {$shift->operation} takes out";
                }
            }
        }

        return abs($change) <= 1e-9 && $ends === [] ? null : new CarriedChange($item->feature, $change, $ends === [] ? null : ucfirst(implode(', and ', $ends)).': it needs a new place.');
    }

    private function end(float $station): float
    {
        foreach ($this->all as $shift) {
            $station = $shift->takesOut($station) ? $shift->cut : $station;
        }

        return $this->station($station);
    }
}
