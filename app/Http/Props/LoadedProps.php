<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\LoadCase;
use Geodex\Core\Chassis\Loads\StressPoint;

/** One frame under all its ways of loading. */
final readonly class LoadedProps
{
    /**
     * @param  list<LoadCaseProps>  $cases
     * @param  list<WorstProps>  $worst
     * @param  list<float>  $stations  of the diagrams
     * @param  list<list<float>>  $hangers  stations at which the axles put their loads in
     */
    public function __construct(public array $cases, public array $worst, public array $stations, public array $hangers, public ?TwistProps $twist) {}

    public static function from(FrameLoads $loads, Chassis $chassis): self
    {
        $stations = $loads->stations();
        $ratings = [];
        foreach ($chassis->axles as $axle) {
            $ratings[$axle->id] = $axle->rating;
        }

        return new self(
            cases: array_map(fn (LoadCase $case): LoadCaseProps => LoadCaseProps::from($case, $loads, $stations, $ratings), $loads->cases),
            worst: array_map(fn (StressPoint $one): WorstProps => WorstProps::from($one), $loads->worst()),
            stations: $stations,
            hangers: array_map(fn ($support): array => array_map(fn (array $one): float => $one[0], $support->shares()), $loads->supports),
            twist: TwistProps::of($loads, $chassis),
        );
    }
}
