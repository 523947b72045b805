<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** A frame with the operations laid on it so far; each operation gives the next draft. Everything in it stands at its old station. */
final readonly class FrameDraft implements HasProvenance
{
    /**
     * @param  Frame  $charted  as it is before any operation
     * @param  Chassis  $before  as it is before any operation
     * @param  Chassis  $chassis  with what was moved, added, taken away and plated, at the stations of before
     * @param  list<CutLength>  $cuts
     * @param  list<WitnessReading>  $witness
     */
    private function __construct(public Frame $charted, public Shop $shop, public Chassis $before, public Chassis $chassis, public Shifts $shifts, public array $cuts, public array $witness) {}

    public static function provenance(): array
    {
        return [
            new Provenance('wheelbase', 'Wheelbase', 'station of the rear axle − station of the front axle, each moved by the cuts before it', 'docs/formulas.md, Stretch and shorten'),
        ];
    }

    public static function of(Frame $frame, Shop $shop, ?Chassis $chassis = null): self
    {
        $chassis ??= new Chassis(axles: $frame->axles);

        return new self(charted: $frame, shop: $shop, before: $chassis, chassis: $chassis, shifts: new Shifts, cuts: [], witness: []);
    }

    /**
     * @param  list<CutLength>  $cuts
     *
     * @throws InvalidPlan if it cuts into the one before
     */
    public function cut(Shift $shift, array $cuts, WitnessReading $witness): self
    {
        return new self(
            charted: $this->charted, shop: $this->shop, before: $this->before, chassis: $this->chassis,
            shifts: $this->shifts->with($shift), cuts: [...$this->cuts, ...$cuts], witness: [...$this->witness, $witness],
        );
    }

    public function withChassis(Chassis $chassis): self
    {
        return new self(charted: $this->charted, shop: $this->shop, before: $this->before, chassis: $chassis, shifts: $this->shifts, cuts: $this->cuts, witness: $this->witness);
    }

    /** @throws InvalidPlan if fewer than two stations are charted and no rail is entered */
    public function rail(): RailLine
    {
        return new RailLine($this->charted, $this->before->span());
    }

    /** Wall of the rail at a station, as it was new (mm); null where no rail is entered. */
    public function wall(float $station): ?float
    {
        return ($this->before->rail(Side::Left, $station) ?? $this->before->rail(Side::Right, $station))?->thickness();
    }

    /** What a joint there draws in (mm): as measured, else from the weld; none where the wall is not entered. */
    public function drawsIn(Cutting $cutting, float $station): float
    {
        $wall = $this->wall($station);

        return $cutting->shrinkage ?? ($wall === null ? 0.0 : (new JointShrinkage($this->shop))->of($cutting->gap, $wall));
    }

    /** Depth of the rail at a station (mm); null where no rail is entered. */
    public function depth(float $station): ?float
    {
        return ($this->before->rail(Side::Left, $station) ?? $this->before->rail(Side::Right, $station))?->depth($station);
    }

    /** Points, axles and carried items where they come to lie; what is cut away has no reference. */
    public function planned(): Frame
    {
        $points = [];
        foreach ($this->charted->points as $point) {
            $place = $this->target($point);
            $points[] = $place === null ? $point : $point->at($place);
        }

        return new Frame($points, array_map(fn (Axle $axle): Axle => $axle->at($this->shifts->station($axle->station)), $this->chassis->axles), array_map($this->shifts->carried(...), $this->charted->carried));
    }

    /** Null inside a band that is cut out, or without a chart. */
    public function target(Point $point): ?Vector3
    {
        return $point->reference === null ? null : $this->shifts->moved($point->reference);
    }
}
