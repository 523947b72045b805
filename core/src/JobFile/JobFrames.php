<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\MeasuredEnds;
use Geodex\Core\Plan\MeasuredPlace;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;

/** The frames of a job file: the one that its plan starts from, and the one that a survey is held against. */
final readonly class JobFrames
{
    public function __construct(private Job $job) {}

    /**
     * The chart, or the frame as the survey found it that the plan names.
     *
     * @throws CoreFailure if that survey cannot be computed
     */
    public function start(): Frame
    {
        $survey = $this->job->planFrom === null ? null : $this->job->survey($this->job->planFrom);

        return $survey === null ? $this->job->frame : MeasuredEnds::frame($this->job->frame, MeasuredPlace::all($this->job->frame, (new SurveyComputer)->compute($this->job->frame, $survey)->points));
    }

    /**
     * The chart, or the frame as planned where a survey asks for it; what a plan starts from is held against the chart.
     *
     * @throws CoreFailure if the plan cannot be carried out
     */
    public function against(Survey $survey): Frame
    {
        return $survey->toTarget && $survey->id !== $this->job->planFrom ? (new FramePlanner)->plan($this->start(), $this->job->operations, $this->job->chassis)->frame : $this->job->frame;
    }
}
