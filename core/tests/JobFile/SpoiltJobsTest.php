<?php

declare(strict_types=1);

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Point;
use Geodex\Core\JobFile\Job;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Reference\ChartChecker;
use Geodex\Core\Reference\Movement\MovementFinder;
use Geodex\Core\Reference\ReferenceFromSurvey;
use Geodex\Core\Reference\SourceComparer;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\MeasuringTour;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Repeat\RepeatFinder;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Vandal;

/** Seconds after which garbage is given up; a user waits longer, and sees the same sentence. */
const PATIENCE = 0.3;

/** @return list<array{array<string, mixed>, int}> documents of jobs with the number of a survey in them */
function soundJobs(): array
{
    $jobs = [];
    foreach ([...glob(dirname(__DIR__, 3).'/database/demo/*.job.json'), ...glob(dirname(__DIR__).'/cases/*.job.json')] as $file) {
        $document = json_decode((string) file_get_contents($file), true);
        foreach (array_keys($document['surveys']) as $survey) {
            $jobs[] = [$document, $survey];
        }
    }

    return $jobs;
}

/** Everything that core makes of a survey; only a refusal in words may come instead. */
function judgedWhole(Job $job, Survey $log): string
{
    $options = new SurveyOptions(suggestions: Forecaster::CANDIDATES, seconds: PATIENCE);
    $said = [(new RepeatFinder)->find($log), (new ChartChecker)->check($job->frame)];
    $assessment = (new SurveyAssessor($options))->assess($job->frame, $log);
    $forecast = (new Forecaster($options))->forecast($assessment->frame, $log, $assessment->survey, $assessment->next);
    $places = array_filter(array_map(fn (PointResult $point) => $point->measured, array_column($assessment->survey->points, null, 'id')));
    array_push($said, $assessment->findings, $assessment->pulls, $assessment->doubts, $assessment->fit, $forecast, (new MeasuringTour)->order($forecast->readings, $places));
    $said[] = [$assessment->held, $assessment->survey->doubtfulBase(), array_map(fn ($one) => [$one->suspects(), $one->weightedSum], $assessment->survey->explanations)];
    foreach ($assessment->survey->points as $point) {
        $said[] = [$point->measured?->toArray(), $point->sigma?->toArray(), $point->deviation?->toArray()];
    }

    return json_encode($said, JSON_THROW_ON_ERROR);
}

/** What else is made of surveys: a reference, a comparison of two, a movement. */
function comparedWhole(Job $job, Survey $log): string
{
    $made = (new ReferenceFromSurvey(new SurveyComputer(new SurveyOptions(seconds: PATIENCE))))->make($job->frame, $log);
    $chart = array_filter(array_map(fn (Point $point) => $point->reference, array_column($job->frame->points, null, 'id')));
    $compared = (new SourceComparer)->compare($chart, $made->places, ['chart', 'survey']);
    $movement = (new MovementFinder(new SurveyOptions(seconds: PATIENCE)))->find($job->frame, $job->surveys[0], $log);

    return json_encode([$made, $compared, $movement], JSON_THROW_ON_ERROR);
}

it('answers or refuses in words whatever a job holds, and never breaks', function (int $seed) {
    $jobs = soundJobs();
    [$document, $survey] = $jobs[$seed % count($jobs)];
    $document = Vandal::spoil($document, $survey, $seed);
    foreach ([judgedWhole(...), comparedWhole(...)] as $make) {
        try {
            $job = (new JobReader)->fromDocument($document);
            expect($make($job, $job->surveys[$survey]))->toBeJson();
        } catch (CoreFailure $failure) {
            expect($failure->getMessage())->toMatch('/\p{L}+ \p{L}+ \p{L}+.*\.$/su');
        }
    }
})->with(fn (): array => range(1, (int) (getenv('SPOILT_JOBS') ?: 30)));

it('says nothing of shape where the chart has lost a column, instead of breaking', function (int $axis) {
    [$document] = soundJobs()[0];
    $document['points'] = array_map(fn (array $point): array => [...$point, 'reference' => array_replace($point['reference'], [$axis => 0])], $document['points']);
    $job = (new JobReader)->fromDocument($document);
    try {
        expect(judgedWhole($job, $job->surveys[0]))->toBeJson();
    } catch (CoreFailure $failure) {
        expect($failure->getMessage())->not->toBe('');
    }
})->with(['stations' => 0, 'offsets' => 1, 'heights' => 2]);
