<?php

declare(strict_types=1);

use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Kept;
use Geodex\Core\Tests\Support\KeptSurveys;

it('reads from a survey what is kept: findings, pulls and what is held back, doubts of the chart, and whether it fits', function (string $name) {
    [$frame, $survey] = KeptSurveys::of($name);
    $assessment = (new SurveyAssessor(new SurveyOptions(seconds: 60.0)))->assess($frame, $survey);
    Kept::same("findings-$name", [
        'against' => $assessment->against,
        'findings' => $assessment->findings,
        'doubts' => $assessment->doubts,
        'pulls' => $assessment->pulls,
        'held' => $assessment->held,
        'fit' => $assessment->fit,
    ]);
})->with(KeptSurveys::NAMES);
