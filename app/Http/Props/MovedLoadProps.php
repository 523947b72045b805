<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\MovingLoad;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** What a mass that moves along does at its worst places. */
final readonly class MovedLoadProps
{
    /**
     * @param  string  $over  the case that it comes on top of
     * @param  list<AxleRangeProps>  $axles
     * @param  float  $moment  greatest by size, of both rails (kN·m), at a station, with the mass at a position
     */
    public function __construct(public string $over, public array $axles, public float $moment, public float $station, public float $position, public ?WorstProps $worst, public ?string $trouble) {}

    /** @throws InvalidFields where it moves nowhere */
    public static function of(PlannedJob $job, Values $given): self
    {
        $moving = MovingLoad::from($given);
        try {
            $found = $moving->over(new FrameLoads($job->plan->chassis ?? $job->core->chassis, $job->shop));
        } catch (CoreFailure $failure) {
            return new self('', [], 0.0, 0.0, 0.0, null, $failure->getMessage());
        }

        return new self(
            over: $found->over->words(), axles: array_map(fn (array $one): AxleRangeProps => new AxleRangeProps($one['id'], $one['least'], $one['greatest']), $found->axles),
            moment: $found->moment['moment'] / 1000, station: $found->moment['station'], position: $found->moment['position'], worst: $found->stress === null ? null : WorstProps::from($found->stress), trouble: null,
        );
    }
}
