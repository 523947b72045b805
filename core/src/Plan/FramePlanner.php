<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\CarriedItem;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;

/**
 * Plans stretches and shortens on a chart. All stations are those of the chart before any operation.
 *
 * What lies behind a cut moves along the rail: by (s cos α, 0, s sin α) where the rail slopes by α at the cut,
 * unless the insert is asked to be level. docs/formulas.md, "Stretch and shorten".
 */
final readonly class FramePlanner
{
    /**
     * @param  list<Operation>  $operations
     *
     * @throws InvalidPlan if a cut lies off the frame or two operations overlap
     */
    public function plan(Frame $frame, array $operations): PlannedFrame
    {
        usort($operations, fn (Operation $a, Operation $b): int => $a->from() <=> $b->from());
        $shifts = $operations === [] ? [] : $this->shifts(new RailLine($frame), $operations);
        $target = [];
        $points = [];
        foreach ($frame->points as $point) {
            $place = $point->reference === null ? null : $this->moved($point->reference, $shifts);
            $target[$point->id] = $place;
            $points[] = $place === null ? $point : $point->at($place);
        }
        $axles = [];
        foreach ($frame->axles as $axle) {
            $axles[] = new Axle($axle->id, $axle->station + $this->stationShift($axle->station, $shifts), $axle->tyreRadius, $axle->track);
        }
        $planned = new Frame($points, $axles, $this->carriedAfter($frame, $shifts));

        return new PlannedFrame(
            $planned,
            $shifts,
            $target,
            $frame->wheelbase(),
            $planned->wheelbase(),
            $this->carriedChanges($frame, $shifts),
            array_map($this->witness(...), $shifts),
            array_map($this->cutLength(...), $shifts),
            (new PlanChecker)->warnings($frame, $shifts, $planned->wheelbase()),
        );
    }

    /**
     * @param  list<Operation>  $operations  by station
     * @return list<Shift>
     */
    private function shifts(RailLine $rail, array $operations): array
    {
        $shifts = [];
        foreach ($operations as $i => $operation) {
            $cut = $operation->from();
            $slope = $operation->cutting()->level ? 0.0 : $rail->slope($cut);
            $by = Vector3::of($operation->growth() * cos($slope), 0.0, $operation->growth() * sin($slope));
            $end = $cut + max(0.0, -$by->x);
            foreach ([$cut, $end] as $station) {
                if (! is_finite($station) || $station < $rail->front() || $station > $rail->rear()) {
                    throw InvalidPlan::offTheFrame($operation->id(), $station, $rail->front(), $rail->rear());
                }
            }
            $shifts[] = new Shift($operation, $cut, $end, $by, $slope);
            if ($i > 0 && $cut <= $shifts[$i - 1]->bandEnd) {
                throw InvalidPlan::overlap($shifts[$i - 1]->operation->id(), $operation->id());
            }
        }

        return $shifts;
    }

    /** @param  list<Shift>  $shifts */
    private function moved(Vector3 $place, array $shifts): ?Vector3
    {
        return (new PlannedFrame(new Frame([]), $shifts, [], null, null, [], [], [], []))->moved($place);
    }

    /** @param  list<Shift>  $shifts */
    private function stationShift(float $station, array $shifts): float
    {
        $sum = 0.0;
        foreach ($shifts as $shift) {
            $sum += $station > $shift->cut ? $shift->by->x : 0.0;
        }

        return $sum;
    }

    /**
     * @param  list<Shift>  $shifts
     * @return list<CarriedItem>
     */
    private function carriedAfter(Frame $frame, array $shifts): array
    {
        return array_map(fn (CarriedItem $item): CarriedItem => new CarriedItem($item->feature, $this->endAfter($item->from, $shifts), $this->endAfter($item->to, $shifts)), $frame->carried);
    }

    /**
     * Where an end of something comes to lie; one in a band that is taken out stays at its cut.
     *
     * @param  list<Shift>  $shifts
     */
    private function endAfter(float $station, array $shifts): float
    {
        foreach ($shifts as $shift) {
            $station = $shift->takesOut($station) ? $shift->cut : $station;
        }

        return $station + $this->stationShift($station, $shifts);
    }

    /**
     * A stretch lengthens what passes its cut by all of it; a shorten takes off what lay in its band.
     *
     * @param  list<Shift>  $shifts
     * @return list<CarriedChange>
     */
    private function carriedChanges(Frame $frame, array $shifts): array
    {
        $changes = [];
        foreach ($frame->carried as $item) {
            $change = 0.0;
            $ends = [];
            foreach ($shifts as $shift) {
                $growth = $shift->operation->growth();
                $band = $shift->bandEnd - $shift->cut;
                $within = max(0.0, min($item->to, $shift->bandEnd) - max($item->from, $shift->cut));
                $change += $growth > 0 ? ($item->from <= $shift->cut && $item->to > $shift->cut ? $growth : 0.0) : $growth * $within / max(1e-9, $band);
                foreach (['front' => $item->from, 'rear' => $item->to] as $end => $station) {
                    if ($shift->takesOut($station)) {
                        $ends[] = "its $end end lies in the piece that {$shift->operation->id()} takes out";
                    }
                }
            }
            if (abs($change) > 1e-9 || $ends !== []) {
                $changes[] = new CarriedChange($item->feature, $change, $ends === [] ? null : ucfirst(implode(', and ', $ends)).': it needs a new place.');
            }
        }

        return $changes;
    }

    private function witness(Shift $shift): WitnessReading
    {
        $g = $shift->operation->cutting()->witness;
        $s = $shift->operation->growth();

        return new WitnessReading($shift->operation->id(), $g, 2 * $g + max(0.0, -$s), 2 * $g + max(0.0, $s));
    }

    /** One cut on a mark takes the kerf out of the half behind it, so the insert makes it up; a band is sawn on its own, waste side. */
    private function cutLength(Shift $shift): CutLength
    {
        $operation = $shift->operation;
        $kerf = $operation->cutting()->kerf;
        $growth = $operation->growth();

        return $growth > 0
            ? new CutLength($operation->id(), 'insert', $growth + $kerf, $growth + $kerf, 'Saw the insert on the waste side of its mark; it makes up the kerf of the rail cut.')
            : new CutLength($operation->id(), 'band', -$growth, -$growth - 2 * $kerf, 'Saw inside both marks: the band between them is the waste.');
    }
}
