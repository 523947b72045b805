<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\WinchPull;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Values;

/** What the pull of a rope does to the axles and the rails. */
final readonly class WinchedProps
{
    /**
     * @param  list<AxleRangeProps>  $axles  least: without the pull, greatest: with it (kg)
     * @param  ?float  $railHeight  that it rests on (mm)
     */
    public function __construct(public string $over, public array $axles, public ?WorstProps $worst, public ?float $railHeight, public ?string $trouble) {}

    public static function of(PlannedJob $job, Values $given): self
    {
        $chassis = $job->plan->chassis ?? $job->core->chassis;
        try {
            $told = WinchPull::from($given)->on(new FrameLoads($chassis, $job->shop), $chassis);
        } catch (CoreFailure $failure) {
            return new self('', [], null, null, $failure->getMessage());
        }
        $with = $told['with']->carried();

        return new self(
            over: $told['with']->kind->words(),
            axles: array_map(fn ($axle, float $without, float $pulled): AxleRangeProps => new AxleRangeProps($axle->id, $without, $pulled), $told['with']->supports, $told['without']->carried(), $with),
            worst: $told['worst'] === null ? null : WorstProps::from($told['worst']), railHeight: $told['rail'], trouble: null,
        );
    }
}
