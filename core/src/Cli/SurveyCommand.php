<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Findings\ChartSlipFinder;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\JobFile\Job;
use Geodex\Core\JobFile\JobFrames;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\Survey;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

#[AsCommand('survey', 'adjusts and judges one survey of a job file')]
final class SurveyCommand extends JobCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('survey', null, InputOption::VALUE_REQUIRED, 'its id', '');
    }

    protected function document(Job $job, InputInterface $input): array
    {
        $id = $input->getOption('survey');
        $survey = $this->survey($job, is_string($id) ? $id : '');
        $frame = (new JobFrames($job))->against($survey);
        $start = hrtime(true);
        try {
            $assessment = (new SurveyAssessor)->assess($frame, $survey);
        } catch (CoreFailure $failure) {
            throw UncomputableSurvey::because($failure, (new ChartSlipFinder)->find($frame, $survey));
        }
        $milliseconds = (hrtime(true) - $start) / 1e6;

        return (new SurveyDocument)->of($survey, $assessment, (new Forecaster)->forecast($assessment->frame, $survey, $assessment->survey), $milliseconds);
    }

    private function survey(Job $job, string $id): Survey
    {
        $known = array_map(fn (Survey $survey): string => $survey->id, $job->surveys);

        return $job->survey($id) ?? throw UnusableCall::because($id === '' ? 'name the survey with --survey ID' : "there is no survey “{$id}”", 'The file has: '.($known === [] ? 'no surveys' : implode(', ', $known)));
    }
}
