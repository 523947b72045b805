<?php

declare(strict_types=1);

namespace App\Documents;

use App\Actions\Survey\AssessSurvey;
use App\Models\Job;
use App\Models\Survey;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Plan\MeasuredEnds;
use Geodex\Core\Plan\MeasuredPlace;
use Geodex\Core\Survey\SurveyedPlaces;
use Illuminate\Support\Facades\Cache;

/** What the surveys of a job found of its points, as a plan needs it; computed once for each state of a log. */
final readonly class MeasuredFrame
{
    private const KEPT_SECONDS = 604_800;

    public function __construct(private AssessSurvey $assess) {}

    /** The frame that a plan starts from: the chart, or a survey where the job says so. */
    public function start(Job $job, Frame $frame): Frame
    {
        $survey = $job->plan_from === null ? null : $this->survey($job, $job->plan_from);

        return $survey === null ? $frame : MeasuredEnds::frame($frame, $this->places($survey));
    }

    /** The survey that a plan is held against: the one that it starts from, else the latest. */
    public function against(Job $job): ?Survey
    {
        return $job->plan_from === null ? $job->loadMissing('surveys')->surveys->last() : $this->survey($job, $job->plan_from);
    }

    /** @return list<MeasuredPlace> points that the readings fix along all three axes; none where nothing can be computed yet */
    public function places(Survey $survey): array
    {
        $survey->loadMissing(['job.workshop', 'job.points']);
        $state = $this->assess->state($survey);
        $kept = Cache::get("survey.{$survey->id}.places");
        if (is_array($kept) && ($kept[0] ?? null) === $state && is_array($kept[1] ?? null)) {
            return array_values(array_filter($kept[1], fn (mixed $one): bool => $one instanceof MeasuredPlace));
        }
        $places = $this->found($survey);
        Cache::put("survey.{$survey->id}.places", [$state, $places], self::KEPT_SECONDS);

        return $places;
    }

    /** What the survey that a job goes on from found: places, and how unsure they are together; nothing where there is none. */
    public function surveyed(Job $job): SurveyedPlaces
    {
        $survey = $this->against($job);
        if ($survey === null) {
            return SurveyedPlaces::none();
        }
        $survey->loadMissing(['job.workshop', 'job.points']);
        $state = $this->assess->state($survey);
        $kept = Cache::get("survey.{$survey->id}.surveyed");
        if (is_array($kept) && ($kept[0] ?? null) === $state && ($kept[1] ?? null) instanceof SurveyedPlaces) {
            return $kept[1];
        }
        $assessment = $this->assess->handle($survey)->assessment;
        $found = $assessment === null ? SurveyedPlaces::none() : SurveyedPlaces::of($assessment->survey);
        Cache::put("survey.{$survey->id}.surveyed", [$state, $found], self::KEPT_SECONDS);

        return $found;
    }

    /** @return list<MeasuredPlace> */
    private function found(Survey $survey): array
    {
        $assessed = $this->assess->handle($survey);

        return MeasuredPlace::all($assessed->frame, $assessed->assessment->survey->points ?? []);
    }

    private function survey(Job $job, string $code): ?Survey
    {
        return $job->loadMissing('surveys')->surveys->firstWhere('code', $code);
    }
}
