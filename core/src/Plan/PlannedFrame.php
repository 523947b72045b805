<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Words\Sentence;

/** The frame after the planned operations, as a target to work and measure to. */
final readonly class PlannedFrame
{
    /**
     * @param  Frame  $frame  points, axles and carried items at their target stations; what is cut away has no reference
     * @param  Chassis  $chassis  as metal, where the cuts bring it
     * @param  FrameDraft  $draft  with all operations laid on it, at the stations of before
     * @param  array<string, ?Vector3>  $target  by point id; null inside a band that is cut out, or without a chart
     * @param  list<CarriedChange>  $carried
     * @param  list<WitnessReading>  $witness
     * @param  list<CutLength>  $cuts
     * @param  list<Sentence>  $warnings
     */
    public function __construct(
        public Frame $frame,
        public Chassis $chassis,
        public FrameDraft $draft,
        public Shifts $shifts,
        public array $target,
        public ?float $wheelbaseBefore,
        public ?float $wheelbaseAfter,
        public array $carried,
        public array $witness,
        public array $cuts,
        public array $warnings,
    ) {}

    /** Where something fixed to the frame at $place ends up; null if it is cut out. */
    public function moved(Vector3 $place): ?Vector3
    {
        return $this->shifts->moved($place);
    }
}
