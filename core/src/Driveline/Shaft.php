<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Geometry\Vector3;

/** One propeller shaft with a joint at each end, as it is and as it is wanted. */
final readonly class Shaft
{
    /**
     * @param  ShaftEnd  $front  output the shaft hangs on
     * @param  ShaftEnd  $rear  input that it drives
     * @param  ?Vector3  $bump  how the rear joint moves from ride height to full bump (mm), null where not given
     * @param  ?Vector3  $droop  how it moves from ride height to full droop (mm), null where not given
     * @param  float  $speed  fastest the shaft turns, rev/min
     */
    public function __construct(
        public string $id,
        public ShaftEnd $front,
        public ShaftEnd $rear,
        public ExistingShaft $existing,
        public Slip $slip,
        public Tube $tube,
        public YokePhase $phase,
        public ?Vector3 $bump,
        public ?Vector3 $droop,
        public float $speed,
    ) {
        if (! is_finite($speed) || $speed <= 0.0) {
            throw InvalidShaft::because($id, 'the fastest shaft speed must be more than zero rev/min.');
        }
        if ($rear->joint->minus($front->joint)->norm() < 50.0) {
            throw InvalidShaft::because($id, 'its two joints are less than 50 mm apart.');
        }
    }
}
