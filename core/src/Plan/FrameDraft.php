<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** A frame with the operations laid on it so far; each operation gives the next draft. */
final readonly class FrameDraft implements HasProvenance
{
    /**
     * @param  Frame  $charted  as it is before any operation
     * @param  list<CutLength>  $cuts
     * @param  list<WitnessReading>  $witness
     */
    private function __construct(public Frame $charted, public Shop $shop, public Shifts $shifts, public array $cuts, public array $witness) {}

    public static function provenance(): array
    {
        return [
            new Provenance('wheelbase', 'Wheelbase', 'station of the rear axle − station of the front axle, each moved by the cuts before it', 'docs/formulas.md, Stretch and shorten'),
        ];
    }

    public static function of(Frame $frame, Shop $shop): self
    {
        return new self(charted: $frame, shop: $shop, shifts: new Shifts, cuts: [], witness: []);
    }

    /** @throws InvalidPlan if it cuts into the one before */
    public function cut(Shift $shift, CutLength $cut, WitnessReading $witness): self
    {
        return new self(charted: $this->charted, shop: $this->shop, shifts: $this->shifts->with($shift), cuts: [...$this->cuts, $cut], witness: [...$this->witness, $witness]);
    }

    /** @throws InvalidPlan if fewer than two stations are charted */
    public function rail(): RailLine
    {
        return new RailLine($this->charted);
    }

    /** Points, axles and carried items where they come to lie; what is cut away has no reference. */
    public function planned(): Frame
    {
        $points = [];
        foreach ($this->charted->points as $point) {
            $place = $this->target($point);
            $points[] = $place === null ? $point : $point->at($place);
        }
        $axles = array_map(fn (Axle $axle): Axle => new Axle($axle->id, $this->shifts->station($axle->station), $axle->tyreRadius, $axle->track), $this->charted->axles);

        return new Frame($points, $axles, array_map($this->shifts->carried(...), $this->charted->carried));
    }

    /** Null inside a band that is cut out, or without a chart. */
    public function target(Point $point): ?Vector3
    {
        return $point->reference === null ? null : $this->shifts->moved($point->reference);
    }
}
