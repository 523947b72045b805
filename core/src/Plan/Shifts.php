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

    /** Whether the rail there is cut out. */
    public function takesOut(float $station): bool
    {
        return array_filter($this->all, fn (Shift $shift): bool => $shift->takesOut($station)) !== [];
    }

    /** Where a station comes to lie (mm); one that is cut out stands at its front cut. */
    public function station(float $station): float
    {
        $sum = $station;
        foreach ($this->all as $shift) {
            $sum = $shift->takesOut($station) ? $sum - ($station - $shift->cut) : ($shift->moves($station) ? $sum + $shift->by->x : $sum);
        }

        return $sum;
    }

    /** @return list<float> stations of the joints, in the frame as it will be (mm) */
    public function joints(): array
    {
        $joints = [];
        foreach ($this->all as $shift) {
            $front = $this->station($shift->cut);
            array_push($joints, $front, ...($shift->inserted > 0.0 ? [$front + $shift->inserted * cos($shift->slope)] : []));
        }

        return $joints;
    }

    /** With all it passes where it comes to lie. */
    public function carried(CarriedItem $item): CarriedItem
    {
        return new CarriedItem($item->feature, array_map($this->station(...), $item->path), $item->endsGoRearward);
    }

    /**
     * Each leg of its path by what its two ends gain; what goes over a cut and comes back changes twice, and one
     * that turns in a band loses what is gone of each leg. Null where nothing changes.
     */
    public function change(CarriedItem $item): ?CarriedChange
    {
        $change = 0.0;
        $path = $item->path;
        $last = count($path) - 1;
        for ($i = 1; $i <= $last; $i++) {
            $change += $this->legChange($path[$i - 1], $path[$i], [$item->endsGoRearward && $i === 1, $item->endsGoRearward && $i === $last]);
        }
        $lost = $this->lost($item);

        return abs($change) <= 1e-9 && $lost === [] ? null : new CarriedChange($item->feature, $change, $lost === [] ? null : ucfirst(implode(', and ', $lost)).($item->endsGoRearward ? ': it needs a new place, behind the joint.' : ': it needs a new place.'));
    }

    /** @param  array{bool, bool}  $rearward  whether each of the two is an end that goes to the rear edge of what takes it out */
    private function legChange(float $one, float $other, array $rearward): float
    {
        $gains = fn (Shift $shift, float $station, bool $isRearward): float => $shift->gain($station) + ($isRearward && $shift->takesOut($station) ? $shift->inserted : 0.0);
        $change = array_sum(array_map(fn (Shift $shift): float => $gains($shift, $other, $rearward[1]) - $gains($shift, $one, $rearward[0]), $this->all));

        return $other < $one ? -$change : $change;
    }

    /** @return list<string> its ends and fixings that stand on rail that is cut out */
    private function lost(CarriedItem $item): array
    {
        $lost = [];
        $last = count($item->path) - 1;
        foreach ($item->path as $i => $station) {
            foreach ($this->all as $shift) {
                if ($shift->takesOut($station)) {
                    $end = $station - $item->front() <= $item->rear() - $station ? 'front' : 'rear';
                    $lost[] = ($i === 0 || $i === $last ? "its $end end lies" : sprintf('its turn at %.0f mm lies', $station))." in the piece that {$shift->operation} takes out";
                }
            }
        }

        return $lost;
    }
}
