<?php

declare(strict_types=1);

use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Survey\Budget;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;

/** A job of the worked cases with its fourth height read half a metre too high. */
function halfAMetreOff(): array
{
    $document = json_decode((string) file_get_contents(dirname(__DIR__).'/cases/misread-tape.job.json'), true);
    $heights = array_keys(array_filter($document['surveys'][0]['readings'], fn (array $reading): bool => $reading['kind'] === 'height'));
    $document['surveys'][0]['readings'][$heights[3]]['value'] = 2500.0;

    return [$document, $document['surveys'][0]['readings'][$heights[3]]];
}

it('is spent once the processor has worked for so long, and not before', function () {
    expect(Budget::of(60.0)->isSpent())->toBeFalse()
        ->and(Budget::of(-0.001)->isSpent())->toBeTrue();
    $budget = Budget::of(0.05);
    $until = microtime(true) + 1.0;
    for ($work = 1.0; ! $budget->isSpent() && microtime(true) < $until;) {
        $work = hypot($work, 1.0);
    }
    expect($budget->isSpent())->toBeTrue();
});

it('ends a survey in words that name the reading furthest off', function () {
    [$document, $wrong] = halfAMetreOff();
    $job = (new JobReader)->fromDocument($document);
    try {
        (new SurveyComputer(new SurveyOptions(seconds: -1.0)))->compute($job->frame, $job->surveys[0]);
        expect(false)->toBeTrue();
    } catch (CannotComputeSurvey $late) {
        expect($late->errorCode())->toBe('survey.too-contradictory')
            ->and($late->context()['readings'])->toHaveCount(3)
            ->and($late->context()['readings'][0])->toBe($wrong['id'])
            ->and($late->getMessage())->toContain('These look worst: height '.$wrong['point'].', ');
    }
});

it('runs through all the computations of one answer', function () {
    $running = (new SurveyOptions)->timed();
    expect($running->budget)->not->toBeNull()->and($running->timed())->toBe($running);
});
