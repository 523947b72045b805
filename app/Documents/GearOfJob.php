<?php

declare(strict_types=1);

namespace App\Documents;

use Geodex\Core\Calculators\RunningGear\GearFacts;
use Geodex\Core\Driveline\DrivelineLimits;
use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Survey\SurveyedPlaces;

/** What a job knows of its running gear, before its plan and after it, and what was measured. */
final readonly class GearOfJob
{
    private function __construct(public GearFacts $before, public GearFacts $after, public SurveyedPlaces $survey) {}

    public static function of(PlannedJob $job): self
    {
        $before = GearFacts::before($job->core->chassis, $job->core->shaft);
        $survey = app(MeasuredFrame::class)->surveyed($job->job);
        if ($job->plan === null || $job->core->operations === []) {
            return new self($before, $before, $survey);
        }
        $shaft = $job->core->shaft;
        try {
            $shaft = $shaft === null ? null : (new ShaftCalculator(DrivelineLimits::of($job->shop)))->calculate($shaft, $job->plan)->shaft;
        } catch (CoreFailure) {
            // A plan that cuts out a joint tells of no shaft.
            $shaft = null;
        }

        return new self($before, GearFacts::after($job->plan, $shaft), $survey);
    }
}
