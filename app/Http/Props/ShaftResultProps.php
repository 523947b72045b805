<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Driveline\ShaftResult;
use Geodex\Core\Words\Sentence;

/** A shaft recalculated; mm, degrees, rev/min. */
final readonly class ShaftResultProps
{
    /**
     * @param  list<float>  $front  joint centre
     * @param  list<float>  $rear  joint centre
     * @param  list<float>  $frontAxis  unit vector, pointing rearward
     * @param  list<float>  $rearAxis  unit vector, pointing rearward
     * @param  list<ShaftStateProps>  $states
     * @param  Sentence  $saw  what to saw: new tube, insert or marks
     * @param  list<Sentence>  $warnings
     * @param  list<Sentence>  $assumed  what was not given, and what was taken in its place
     */
    public function __construct(
        public array $front,
        public array $rear,
        public array $frontAxis,
        public array $rearAxis,
        public array $states,
        public float $tubeToCut,
        public float $tubeOutside,
        public Sentence $saw,
        public ?float $bottomingClearance,
        public ?float $minEngagement,
        public ?float $criticalSpeed,
        public float $speed,
        public float $speedVariation,
        public float $angularAcceleration,
        public array $warnings,
        public array $assumed,
    ) {}

    public static function from(ShaftResult $result): self
    {
        return new self(
            front: $result->shaft->front->joint->toArray(), rear: $result->shaft->rear->joint->toArray(),
            frontAxis: $result->shaft->front->axis()->toArray(), rearAxis: $result->shaft->rear->axis()->toArray(),
            states: array_map(ShaftStateProps::from(...), $result->states),
            tubeToCut: $result->tubeToCut, tubeOutside: $result->shaft->tube->outside, saw: $result->cut->text(),
            bottomingClearance: $result->bottomingClearance, minEngagement: $result->minEngagement, criticalSpeed: $result->criticalSpeed, speed: $result->shaft->speed,
            speedVariation: $result->speedVariation, angularAcceleration: $result->angularAcceleration, warnings: $result->warnings, assumed: $result->assumed,
        );
    }
}
