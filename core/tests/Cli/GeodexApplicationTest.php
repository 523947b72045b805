<?php

declare(strict_types=1);

use Geodex\Core\Cli\GeodexApplication;

/** @return array{int, string, string} exit code, standard output, standard error */
function geodex(string ...$arguments): array
{
    [$out, $err] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
    $code = (new GeodexApplication($out, $err))->run($arguments);

    return [$code, stream_get_contents($out, offset: 0), stream_get_contents($err, offset: 0)];
}

/** A job file of the demo with one part changed, on disk. */
function fileWith(array $change): string
{
    $file = tempnam(sys_get_temp_dir(), 'geodex');
    file_put_contents($file, json_encode([...json_decode((string) file_get_contents(demoFile()), true), ...$change]));

    return $file;
}

function demoFile(): string
{
    return dirname(__DIR__, 3).'/database/demo/mobile-library.job.json';
}

it('prints a survey as one document of the documented shape', function () {
    [$code, $out, $err] = geodex('survey', demoFile(), '--survey', 'before');
    $document = json_decode($out, true);
    expect($code)->toBe(0)->and($err)->toBe('')
        ->and(array_keys($document))->toBe(['survey', 'against', 'network', 'base', 'doubtfulBase', 'explanations', 'beyond', 'points', 'readings', 'findings', 'next', 'fit', 'pulls', 'held', 'chartDoubts', 'progress', 'milliseconds'])
        ->and($document['points'])->toHaveCount(24)->and(end($document['points']))->toMatchArray(['id' => 'MR', 'measured' => null, 'determined' => null, 'verdict' => 'unmeasured'])
        ->and(array_column(array_filter($document['readings'], fn (array $r): bool => $r['status'] === 'suspect'), 'id'))->toBe(['r37', 'r58']);
});

it('prints plan and driveline', function () {
    $file = fileWith(['plan' => ['operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => 2300, 'length' => 640]]]]);
    $plan = json_decode(geodex('plan', $file)[1], true);
    $shaft = json_decode(geodex('driveline', $file)[1], true);
    expect($plan['wheelbase'])->toEqual(['before' => 3300, 'after' => 3940])->and($plan['carried'])->toContain(['feature' => 'exhaust', 'change' => 640, 'end' => null])
        ->and($shaft['tubeToCut'])->toEqualWithDelta(-639.18, 0.01)->and($shaft['states'])->toHaveCount(3);
});

it('prints a table to read', function (string ...$arguments) {
    [$code, $out] = geodex(...$arguments, ...['--table']);
    expect($code)->toBe(0)->and($out)->toContain('geodex ')->and($out)->toContain('AL');
})->with([['survey', demoFile(), '--survey=before'], ['plan', demoFile()]]);

it('says what is wrong with the call or the file, one a line, with code 2', function (array $arguments, string $says) {
    [$code, $out, $err] = geodex(...$arguments);
    expect($code)->toBe(2)->and($out)->toBe('')->and($err)->toContain($says);
})->with([
    'nothing' => [[], 'usage:'],
    'unknown command' => [['weld', 'x'], 'usage:'],
    'unknown option' => [['survey', 'x', '--fast'], '"--fast" option does not exist'],
    'no file' => [['survey', '/nowhere.json', '--survey', 'before'], 'cannot read the file /nowhere.json'],
    'no survey named' => [['survey', demoFile()], 'name the survey'],
    'unknown survey' => [['survey', demoFile(), '--survey', 'after'], 'The file has: before'],
    'typing mistake' => [['plan', fileWith(['untis' => 'mm'])], 'unknown key "untis"'],
    'no shaft' => [['driveline', fileWith(['driveline' => (object) []])], 'no driveline.shaft'],
]);

it('says why a job cannot be computed, with code 1', function () {
    [$code, $out, $err] = geodex('survey', fileWith(['surveys' => [['id' => 'before', 'readings' => []]]]), '--survey', 'before');
    expect($code)->toBe(1)->and($out)->toBe('')->and($err)->toContain('has no reading in use');
    expect(geodex('plan', fileWith(['plan' => ['operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => 99999, 'length' => 5]]]]))[0])->toBe(1);
});
