<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\JointsOfJob;
use App\Documents\PlannedJob;
use Geodex\Core\RunSheet\Welds\SequenceSchool;
use Geodex\Core\RunSheet\Welds\WeldPlan;

/** The joints of a plan as they are welded. */
final readonly class WeldsProps
{
    /**
     * @param  list<JointWeldsProps>  $joints
     * @param  list<SchoolProps>  $schools  of sequence
     */
    public function __construct(public array $joints, public array $schools) {}

    public static function from(PlannedJob $job): self
    {
        $titles = [];
        foreach ($job->core->operations as $operation) {
            $titles[$operation->id()] = $operation::label().', '.$operation->id();
        }
        $plans = JointsOfJob::weldPlans($job);

        return new self(
            array_map(fn (string|int $id, WeldPlan $plan): JointWeldsProps => JointWeldsProps::from((string) $id, $titles[$id] ?? (string) $id, $plan, $job->job->weld_choices[$id]['isHeld'] ?? true, $job->job->weld_choices[$id]['isTurned'] ?? true), array_keys($plans), $plans),
            array_map(fn (SequenceSchool $one): SchoolProps => new SchoolProps($one->value, $one->label()), SequenceSchool::cases()),
        );
    }
}
