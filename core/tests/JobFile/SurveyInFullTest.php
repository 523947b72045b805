<?php

declare(strict_types=1);

use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\SchemaChecker;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

/** @return array<string, mixed> a job of four points with these readings */
function jobWith(array $readings, array $more = [], string $units = 'mm'): array
{
    $points = [];
    foreach (['AL' => [0, -400], 'AR' => [0, 400], 'BL' => [1000, -400], 'BR' => [1000, 400]] as $id => [$x, $y]) {
        $points[] = ['id' => $id, 'reference' => ["$x mm", "$y mm", '500 mm'], 'feature' => ['kind' => 'hole', 'diameter' => '14 mm'], 'base' => true];
    }

    return ['format' => 'geodex-job', 'version' => 1, 'title' => 'T', 'units' => $units, 'points' => $points, 'surveys' => [['id' => 'before', 'readings' => $readings]], ...$more];
}

it('turns a length between edges into one between centres, and takes the tool\'s offset off', function () {
    $readings = (new JobReader)->fromDocument(jobWith([
        ['id' => 'a', 'kind' => 'tram', 'from' => 'AL', 'to' => 'AR', 'value' => 786, 'edge' => 'near'],
        ['id' => 'b', 'kind' => 'tram', 'from' => 'AL', 'to' => 'AR', 'value' => 814, 'edge' => 'far'],
        ['id' => 'c', 'kind' => 'tram', 'from' => 'AL', 'to' => 'AR', 'value' => 801.5, 'offset' => 1.5, 'instrument' => 'Long bar'],
    ]))->surveys[0]->readings;
    expect(array_map(fn ($r): float => $r->value, $readings))->toBe([800.0, 800.0, 800.0])
        ->and($readings[0]->asRead->typed)->toBe('786')->and($readings[0]->asRead->correction)->toBe(14.0)->and($readings[2]->asRead->instrument)->toBe('Long bar');
});

it('names the reading whose edge cannot be turned into a centre', function () {
    $job = jobWith([['id' => 'a', 'kind' => 'height', 'point' => 'AL', 'value' => 500, 'edge' => 'near']]);
    expect(fn () => (new JobReader)->fromDocument($job))->toThrow(InvalidFile::class, 'surveys[0].readings[0].edge: A height is not taken edge to edge');
});

it('reads what is blocked, references and their sigmas', function () {
    $job = (new JobReader)->fromDocument([...jobWith([]), 'references' => [['id' => 'sister', 'name' => 'Sister', 'kind' => 'sister', 'points' => [['id' => 'AL', 'at' => ['1 in', 0, 0], 'sigma' => [0.5, 0.5, 0.5]]]]]]);
    expect($job->sources[0]->places['AL']->x)->toBe(25.4)
        ->and($job->sources[0]->sigmas['AL']->y)->toBe(0.5);
    expect(fn () => (new JobReader)->fromDocument([...jobWith([]), 'references' => [['id' => 's', 'kind' => 'chart', 'points' => [['id' => 'ZZ', 'at' => [0, 0, 0]]]]]]))->toThrow(InvalidFile::class, 'references[0].points[0].id');
});

it('holds the new parts against the schema', function () {
    $problems = fn (array $more): array => array_map(strval(...), (new SchemaChecker)->check([...jobWith([]), ...$more]));
    expect($problems(['bench' => ['jig' => ['length' => 5000], 'rounds' => [['kind' => 'level', 'input' => ['way' => 'above'], 'worst' => 2.5, 'good' => false]]]]))->toBe([])
        ->and($problems(['references' => [['id' => 'a', 'kind' => 'rumour', 'points' => []]]])[0])->toContain('expected one of "chart", "lengths", "sister", "survey"');
});

it('gives the same result in inches as in millimetres', function () {
    $at = Readings::truth(Readings::ladder(2));
    $mm = [];
    foreach (['AL AR' => 801, 'AL BL' => 1000, 'AR BR' => 999.5, 'BL BR' => 800, 'AL BR' => 1281, 'AR BL' => 1280] as $call => $value) {
        [$from, $to] = explode(' ', $call);
        $mm[] = ['id' => $call[1].$call[4].$from.$to, 'kind' => 'tram', 'from' => $from, 'to' => $to, 'value' => $value];
    }
    $inches = array_map(fn (array $r): array => [...$r, 'value' => $r['value'] / 25.4], $mm);
    $result = function (array $document) {
        $job = (new JobReader)->fromDocument($document);

        return (new SurveyComputer)->compute($job->frame, $job->surveys[0]);
    };
    [$a, $b] = [$result(jobWith($mm)), $result(jobWith($inches, [], 'in'))];
    foreach ($a->points as $i => $point) {
        expect($point->measured->minus($b->points[$i]->measured)->norm())->toBeLessThan(1e-6);
    }
});
