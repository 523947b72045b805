<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\JobFile\Job;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\MeasuredEnds;
use Geodex\Core\Plan\MeasuredPlace;
use Geodex\Core\Survey\SurveyComputer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('plan', 'lays the planned operations of a job file on its chart')]
final class PlanCommand extends JobCommand
{
    protected function document(Job $job, InputInterface $input): array
    {
        $survey = $job->planFrom === null ? null : $job->survey($job->planFrom);
        $frame = $survey === null ? $job->frame : MeasuredEnds::frame($job->frame, MeasuredPlace::all($job->frame, (new SurveyComputer)->compute($job->frame, $survey)->points));

        return (new PlanDocument)->of((new FramePlanner)->plan($frame, $job->operations, $job->chassis));
    }
}
