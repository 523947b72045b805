<?php

declare(strict_types=1);

use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\MeasuringTour;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Repeat\RepeatFinder;
use Geodex\Core\Survey\StartingTour;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Kept;
use Geodex\Core\Tests\Support\KeptSurveys;

it('comes out as kept: positions, uncertainty, explanations, verdicts and what to read next', function (string $name) {
    [$frame, $survey] = KeptSurveys::of($name);
    $options = new SurveyOptions(suggestions: Forecaster::CANDIDATES, seconds: 60.0);
    $assessment = (new SurveyAssessor($options))->assess($frame, $survey);
    $result = $assessment->survey;
    $forecast = (new Forecaster($options))->forecast($assessment->frame, $survey, $result, $assessment->next);
    $places = array_filter(array_map(fn (PointResult $point) => $point->measured, array_column($result->points, null, 'id')));
    Kept::same("survey-$name", [
        'network' => $result->network,
        'points' => $result->points,
        'readings' => $result->readings,
        'base' => $result->base,
        'doubtfulBase' => $result->doubtfulBase(),
        'explanations' => array_map(fn (Explanation $one): array => [$one->mistakes, $one->weightedSum, $one->bench, $one->isLikely()], $result->explanations),
        'alternatives' => $result->alternatives,
        'choices' => $result->choices,
        'beyond' => $result->beyond,
        'next' => $assessment->next,
        'forecast' => $forecast,
        'tour' => (new MeasuringTour)->order(array_slice($forecast->readings, 0, 12), $places),
        'start' => (new StartingTour)->remaining($frame, $survey, 8, $options),
        'repeats' => (new RepeatFinder)->find($survey),
    ]);
})->with(KeptSurveys::NAMES);
