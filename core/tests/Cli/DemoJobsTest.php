<?php

declare(strict_types=1);

use Geodex\Core\Cli\GeodexApplication;

/** @return array<string, mixed> what the command line says of a survey of a demo job */
function demoSurvey(string $job, string $survey): array
{
    $out = fopen('php://memory', 'w+');
    $code = (new GeodexApplication($out, $out))->run(['survey', dirname(__DIR__, 3)."/database/demo/$job.job.json", '--survey', $survey]);
    rewind($out);
    expect($code)->toBe(0);

    return json_decode((string) stream_get_contents($out), true, 32, JSON_THROW_ON_ERROR);
}

it('says of a suspect what probably went wrong', function () {
    $hints = array_filter(array_column(demoSurvey('mobile-library', 'before')['readings'], 'hint', 'id'));
    expect($hints)->toHaveKey('r37')->and($hints['r37'])->toContain('one-inch mark');
});

it('says how far the survey is and what is still to read', function () {
    $progress = demoSurvey('mobile-library', 'before')['progress'];
    expect($progress['coordinates'])->toBe(72)
        ->and($progress['settled'])->toBeLessThan(72)
        ->and($progress['toGo'])->toBeGreaterThan(0);
});

it('says whether the frame is fit to modify and what to pull, in order', function () {
    $before = demoSurvey('beach-tender', 'before');
    expect($before['fit']['state'])->toBe('straighten')->and(array_column($before['pulls'], 'order'))->toBe(range(1, count($before['pulls'])))
        ->and($before['pulls'][0])->toMatchArray(['section' => 'front', 'pattern' => 'short-rail', 'points' => ['AL'], 'direction' => 'forward']);
    $tack = demoSurvey('beach-tender', 'tack');
    expect($tack['pulls'])->toBe([])
        ->and(array_column($tack['held'], 'until'))->toContain('more is read there: it is out, but a chain wants it surer than 95 times in 100');
});

it('knows that one of two readings is wrong, which reading tells, and that nothing is pulled before', function () {
    $after = demoSurvey('beach-tender', 'after');
    expect(array_column($after['explanations'], 'suspects'))->toBe([['a9'], ['a6']])
        ->and($after['explanations'][0]['mistakes'][0]['hint'])->toContain('one-inch mark')->and($after['pulls'])->toBe([])->and($after['held'])->not->toBe([])
        ->and($after['next'][0])->toMatchArray(['kind' => 'offset', 'point' => 'AL', 'because' => 'deciding'])
        ->and(array_column($after['next'][0]['outcomes'], 'wrong'))->toBe([[['a6']], [['a9']]]);
});

it('holds a job without a chart against its mirror image, and says so', function () {
    $tug = demoSurvey('trailer-tug', 'before');
    expect($tug['against'])->toBe('mirror')->and(array_column($tug['findings'], 'pattern'))->not->toContain('sag')
        ->and(demoSurvey('mobile-library', 'before')['against'])->toBe('chart');
    // Half of each mismatch shows on either side.
    $points = array_column($tug['points'], 'deviation', 'id');
    expect($points['AL'][0])->toEqualWithDelta(-$points['AR'][0], 1e-6)
        ->and($points['AL'][1])->toEqualWithDelta($points['AR'][1], 1e-6);
});

it('surveys the sister on her own', function () {
    $sister = demoSurvey('trailer-tug', 'sister');
    expect($sister['against'])->toBe('mirror')
        ->and(array_filter(array_column($sister['points'], 'verdict'), fn (string $verdict): bool => $verdict === 'out'))->toBe([]);
});
