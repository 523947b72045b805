<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\Parts\FramePart;
use App\Documents\Parts\Revision;
use App\Models\Job;
use Geodex\Core\Chassis\ChassisParts;
use Geodex\Core\Chassis\LadderTruck;
use Geodex\Core\Frame\Point;
use Geodex\Core\JobFile\Job as CoreJob;

/** The frame of a job as metal, list by list. */
final readonly class ChassisProps
{
    /**
     * @param  list<ChassisListProps>  $lists
     * @param  list<FieldProps>  $quick  what a plain ladder truck is made of
     * @param  list<PointProps>  $points  of the chart, for the drawing
     * @param  list<AxleProps>  $axles
     * @param  list<string>  $adrift  what was measured from a point that the chart no longer places
     */
    public function __construct(public array $lists, public array $quick, public array $points, public array $axles, public BodyProps $body, public array $adrift, public string $revision) {}

    public static function from(Job $job, CoreJob $core): self
    {
        return new self(
            lists: array_map(fn (string $class): ChassisListProps => ChassisListProps::from($class, $job->frame[$class::list()] ?? []), ChassisParts::all()),
            quick: array_map(FieldProps::from(...), LadderTruck::fields()),
            points: array_map(fn (Point $point): PointProps => PointProps::from($point, null), $core->frame->points),
            axles: array_map(AxleProps::from(...), $core->frame->axles),
            body: BodyProps::from($core->chassis, $core->frame->points),
            adrift: array_map(strval(...), $core->adrift),
            revision: Revision::of(new FramePart, $job),
        );
    }
}
