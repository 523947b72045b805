<?php

declare(strict_types=1);

use Geodex\Core\Survey\Datum\BaseTester;
use Geodex\Core\Survey\Explanation\ExplanationFinder;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\NextReadingAdviser;
use Geodex\Core\Survey\PointJudge;
use Geodex\Core\Survey\ReadingJudge;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Sources;

it('says where its numbers come from', function () {
    expect(Sources::of(SurveyComputer::class, PointJudge::class, ReadingJudge::class, ExplanationFinder::class, BaseTester::class, NextReadingAdviser::class, Forecaster::class))->toBe([
        'deviation', 'expanded', 'verdict', 'off', 'standardised', 'detectable', 'explanations', 'datum', 'next', 'toGo',
    ]);
});
