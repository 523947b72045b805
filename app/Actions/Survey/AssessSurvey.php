<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Documents\MeasuredFrame;
use App\Documents\StoredJob;
use App\Documents\UnreadableJob;
use App\Models\PlanOperation;
use App\Models\Survey;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Findings\ChartSlipFinder;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\JobFile\Job;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\Repeat\RepeatFinder;
use Geodex\Core\Survey\StartingTour;
use Geodex\Core\Survey\Survey as CoreSurvey;
use Geodex\Core\Survey\SurveyOptions;

/** Computes a stored survey, and notes for the list of jobs what came of it. What cannot be computed yet comes back with the reason and the start of a tour. */
final readonly class AssessSurvey
{
    /** Next readings that a screen offers. */
    private const SHOWN = 5;

    public function __construct(private StoredJob $jobs) {}

    /** @throws UnreadableJob */
    public function handle(Survey $survey): AssessedSurvey
    {
        try {
            $core = $this->jobs->read($survey->job, $survey);
            $assessed = $this->assessed($core, $this->frame($survey, $core), $this->options($survey));
        } catch (UnreadableJob $unreadable) {
            $this->keepFacts($survey, SurveyFacts::unreadable($unreadable->getMessage()));

            throw $unreadable;
        }
        $this->keepFacts($survey, SurveyFacts::of($assessed));

        return $assessed;
    }

    /** What it is held against: the chart, or the target of a plan that can be carried out. */
    private function frame(Survey $survey, Job $core): Frame
    {
        if (! $survey->to_target || $survey->code === $survey->job->plan_from) {
            return $core->frame;
        }
        try {
            return (new FramePlanner($survey->job->workshop->shop()))->plan(app(MeasuredFrame::class)->start($survey->job, $core->frame), $core->operations, $core->chassis)->frame;
        } catch (CoreFailure) {
            return $core->frame;
        }
    }

    private function assessed(Job $job, Frame $frame, SurveyOptions $options): AssessedSurvey
    {
        $log = $job->surveys[0];
        try {
            $assessment = (new SurveyAssessor($options))->assess($frame, $log);
            $forecast = (new Forecaster($options))->forecast($assessment->frame, $log, $assessment->survey, $assessment->next);

            return new AssessedSurvey(
                frame: $assessment->frame,
                assessment: $assessment,
                trouble: null,
                // Where the way to the end is foreseen, its first readings are the next; where it is not, the best ones.
                next: array_slice($forecast->toGo === null ? $assessment->next : $forecast->readings, 0, self::SHOWN),
                forecast: $forecast,
                doubts: $assessment->doubts,
                repeats: (new RepeatFinder)->find($log),
                blocked: $log->blocked,
            );
        } catch (CoreFailure $failure) {
            return $this->without($frame, $log, Trouble::of($failure), $options);
        } catch (\Throwable $fault) {
            report($fault);

            return $this->without($frame, $log, Trouble::own(), $options);
        }
    }

    private function without(Frame $frame, CoreSurvey $log, Trouble $trouble, SurveyOptions $options): AssessedSurvey
    {
        return new AssessedSurvey(
            frame: $frame,
            assessment: null,
            trouble: $trouble,
            next: (new StartingTour)->remaining($frame, $log, self::SHOWN, $options),
            forecast: null,
            doubts: (new ChartSlipFinder)->find($frame, $log),
            repeats: (new RepeatFinder)->find($log),
            blocked: $log->blocked,
        );
    }

    private function options(Survey $survey): SurveyOptions
    {
        $workshop = $survey->job->workshop;
        $longest = $workshop->instruments()->where('kind', 'tram-bar')->max('reach_mm');

        return SurveyOptions::of($workshop->shop(), is_numeric($longest) ? (float) $longest : null)->with(suggestions: Forecaster::CANDIDATES);
    }

    /** All that what is computed depends on: another state, another computation. */
    public function state(Survey $survey): string
    {
        $options = $this->options($survey);

        return sha1(serialize([config('geodex.version'), $survey->revision, $survey->job->frame, $options->reach, $options->straightedge, $options->buildScatter, $survey->to_target ? $this->plan($survey) : null]));
    }

    private function plan(Survey $survey): mixed
    {
        return [$survey->job->plan_from, $survey->job->operations()->get()->map(fn (PlanOperation $one): array => [$one->code, $one->kind, $one->parameters])->all()];
    }

    private function keepFacts(Survey $survey, SurveyFacts $facts): void
    {
        Survey::whereKey($survey->id)->toBase()->update(['facts_revision' => $survey->revision, 'facts' => json_encode($facts->toArray(), JSON_THROW_ON_ERROR)]);
    }
}
