<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\CarriedChange;
use Geodex\Core\RunSheet\HandOver\ChangedVehicle;
use Geodex\Core\RunSheet\HandOver\HandOver;
use Geodex\Core\RunSheet\HandOver\OpenPoint;
use Geodex\Core\RunSheet\HandOver\ReSurvey;

/** What a job hands over: what is open and who saw to it, when to look again, and lengths between marks that stay. */
final readonly class HandOverOfJob
{
    /** Where the plan moves it by less, the wheelbase is the same (mm). */
    private const SAME_MM = 0.5;

    /**
     * @param  list<OpenPoint>  $points
     * @param  list<array{what: string, when: string}>  $checks  as a person set them, or the usual ones
     * @param  list<ReSurvey>  $lengths  between the marks
     * @param  list<string>  $candidates  points that the latest survey found in space
     */
    private function __construct(public HandOver $kept, public array $points, public array $checks, public array $lengths, public array $candidates) {}

    public static function of(PlannedJob $planned): self
    {
        $job = $planned->job;
        $kept = HandOver::of($job->hand_over ?? []);
        $vehicle = self::changed($planned);
        $found = self::found($job);
        $marks = array_intersect_key($found, array_flip($kept->marks));

        return new self($kept, $kept->points($vehicle), $kept->checks === [] ? HandOver::usualChecks($vehicle) : $kept->checks, ReSurvey::lengths($marks), array_map(strval(...), array_keys($found)));
    }

    /** @return array<string, Vector3> places by point */
    private static function found(Job $job): array
    {
        $last = $job->ownSurveys()->last();
        $found = [];
        foreach ($last === null ? [] : app(MeasuredFrame::class)->places($last) as $place) {
            $found[$place->id] = $place->at;
        }

        return $found;
    }

    private static function changed(PlannedJob $planned): ChangedVehicle
    {
        [$before, $after] = [$planned->plan?->wheelbaseBefore, $planned->plan?->wheelbaseAfter];

        return new ChangedVehicle(
            isPlanned: $planned->core->operations !== [], isCut: ($planned->plan->cuts ?? []) !== [], hasShaft: $planned->core->shaft !== null,
            hasOtherWheelbase: $before !== null && $after !== null && abs($after - $before) > self::SAME_MM,
            hasLinesChanged: array_filter($planned->plan->carried ?? [], fn (CarriedChange $one): bool => abs($one->change) > self::SAME_MM || $one->end !== null) !== [],
            hasFasteners: $planned->job->worksheets()->where('tool', 'torque')->exists(),
        );
    }
}
