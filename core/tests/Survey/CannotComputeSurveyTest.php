<?php

declare(strict_types=1);

use Geodex\Core\Survey\CannotComputeSurvey;

it('says what to do, and what it is about', function (CannotComputeSurvey $failure, string $code, string $said, array $about) {
    expect($failure->errorCode())->toBe($code)->and($failure->getMessage())->toBe($said)->and($failure->context())->toBe($about);
})->with([
    'one height wanted' => fn () => [
        CannotComputeSurvey::heightsWanted(['A']), 'survey.heights-wanted',
        'No chart places A, and lengths alone cannot tell whether a point stands above or below its neighbours. Read a height or a rise for each.',
        ['points' => ['A']],
    ],
    'six of them' => fn () => [
        CannotComputeSurvey::heightsWanted(['A', 'B', 'C', 'D', 'E', 'F']), 'survey.heights-wanted',
        'No chart places A, B, C, D, E, F, and lengths alone cannot tell whether a point stands above or below its neighbours. Read a height or a rise for each.',
        ['points' => ['A', 'B', 'C', 'D', 'E', 'F']],
    ],
    'seven of them' => fn () => [
        CannotComputeSurvey::heightsWanted(['A', 'B', 'C', 'D', 'E', 'F', 'G']), 'survey.heights-wanted',
        'No chart places A, B, C, D, E, F and others, and lengths alone cannot tell whether a point stands above or below its neighbours. Read a height or a rise for each.',
        ['points' => ['A', 'B', 'C', 'D', 'E', 'F', 'G']],
    ],
    'two base points and others to read' => fn () => [
        CannotComputeSurvey::tooFewBasePoints(['A', 'B'], ['C', 'D', 'E', 'F', 'G', 'H', 'I']), 'survey.too-few-base-points',
        'The frame cannot be laid on its chart: 2 base points are measured, three are needed. Read some of C, D, E, F, G, H.',
        ['measured' => ['A', 'B'], 'missing' => ['C', 'D', 'E', 'F', 'G', 'H', 'I']],
    ],
    'no base points at all' => fn () => [
        CannotComputeSurvey::tooFewBasePoints([], []), 'survey.too-few-base-points',
        'The frame cannot be laid on its chart: 0 base points are measured, three are needed. Mark at least three points as base points in the chart.',
        ['measured' => [], 'missing' => []],
    ],
    'base points in a line' => fn () => [
        CannotComputeSurvey::basePointsInLine(['A', 'B', 'C']), 'survey.base-points-in-line',
        'The measured base points A, B, C lie in one line, so the frame could turn about it. Read a base point beside that line.',
        ['points' => ['A', 'B', 'C']],
    ],
    'no rest' => fn () => [
        CannotComputeSurvey::noConvergence(25, 0.123456), 'survey.no-convergence',
        'The readings do not settle: after 25 rounds positions still change by 0.123 mm. Look for readings called to the wrong points.',
        ['iterations' => 25, 'correction' => 0.123456],
    ],
    'contradictions, with readings called by numbers' => fn () => [
        CannotComputeSurvey::tooContradictory([7 => 'tram A – B', 'r2' => 'height C']), 'survey.too-contradictory',
        'The readings contradict each other too much to be computed. These look worst: tram A – B, height C. Take them again, or strike them.',
        ['readings' => ['7', 'r2']],
    ],
    'too many readings' => fn () => [
        CannotComputeSurvey::tooLarge(900, 2.0, [7 => 'tram A – B']), 'survey.too-large',
        '900 readings are more than can be computed in 2 s. Survey the frame in sections that share three base points. Readings that contradict each other take longer too; these look worst: tram A – B.',
        ['readings' => ['7']],
    ],
]);
