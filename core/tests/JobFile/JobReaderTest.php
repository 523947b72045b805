<?php

declare(strict_types=1);

use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\JobWriter;
use Geodex\Core\Units\LengthUnit;

/** A small valid job with one part changed. */
function jobJson(array $change = []): string
{
    return (string) json_encode([
        'format' => 'geodex-job', 'version' => 1, 'title' => 'Small', 'units' => 'in',
        'points' => [
            ['id' => 'A-L', 'side' => 'left', 'mate' => 'A-R', 'feature' => ['kind' => 'hole', 'diameter' => '14 mm'], 'reference' => [1, '-15 3/4', '50 cm'], 'tolerance' => 3, 'base' => true],
            ['id' => 'A-R', 'side' => 'right', 'mate' => 'A-L', 'reference' => ['1 in', '400 mm', 20], 'tolerance' => ['1/8 in', 3, 4]],
        ],
        'surveys' => [['id' => 'before', 'readings' => [
            ['id' => 'r1', 'kind' => 'tram', 'from' => 'A-L', 'to' => 'A-R', 'value' => '31 1/2', 'pointers' => [4, '4 in']],
            ['id' => 'r2', 'kind' => 'slope', 'from' => 'A-L', 'to' => 'A-R', 'value' => '0.2°', 'sigma' => 0.1],
            ['id' => 'r3', 'kind' => 'height', 'point' => 'A-L', 'value' => '500 mm', 'struck' => true, 'reason' => 'wrong hole'],
        ]]],
        'frame' => ['axles' => [['id' => 'front', 'station' => 0]], 'carried' => [['feature' => 'loom', 'from' => 0, 'to' => '1 m']]],
        'plan' => ['operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => 10, 'length' => "2'", 'kerf' => '3 mm', 'level' => true]]],
        ...$change,
    ], JSON_UNESCAPED_UNICODE);
}

/** @return list<string> */
function faults(string $json): array
{
    try {
        (new JobReader)->read($json);
    } catch (InvalidFile $invalid) {
        return array_map(strval(...), $invalid->problems());
    }

    return [];
}

it('reads lengths in the unit of the file, or in the one that they carry', function () {
    $job = (new JobReader)->read(jobJson());
    [$left, $right] = $job->frame->points;
    expect($job->units)->toBe(LengthUnit::Inch)
        ->and($left->reference->toArray())->toEqual([25.4, -400.05, 500.0])->and($left->feature->diameter->mm)->toBe(14.0)
        ->and($left->tolerance->mm)->toBe([3.0, 3.0, 3.0])->and($right->tolerance->mm)->toEqual([3.175, 3.0, 4.0])
        ->and($job->surveys[0]->readings[0]->value)->toBe(800.1)->and($job->surveys[0]->readings[0]->kind->pointers())->toEqual([101.6, 101.6])
        ->and($job->surveys[0]->readings[1]->value)->toBe(0.2)
        ->and($job->surveys[0]->readings[2]->struckBecause)->toBe('wrong hole')
        ->and($job->operations[0]->values()['length'])->toEqualWithDelta(609.6, 1e-9)->and($job->operations[0]->values()['level'])->toBeTrue()
        ->and($job->frame->carried[0]->rear())->toBe(1000.0)->and($job->survey('nowhere'))->toBeNull();
});

it('takes a reading that another supersedes out of the computation', function () {
    $readings = [['id' => 'r1', 'kind' => 'height', 'point' => 'A-L', 'value' => 1], ['id' => 'r2', 'kind' => 'height', 'point' => 'A-L', 'value' => 2, 'supersedes' => 'r1']];
    $job = (new JobReader)->read(jobJson(['surveys' => [['id' => 's', 'readings' => $readings]]]));
    expect($job->surveys[0]->readings[0]->struckBecause)->toBe('superseded')
        ->and($job->surveys[0]->readings[1]->isStruck())->toBeFalse();
});

it('names a reading that supersedes none before it', function (string $original) {
    $readings = [['id' => 'r1', 'kind' => 'height', 'point' => 'A-L', 'value' => 1, 'supersedes' => $original], ['id' => 'r2', 'kind' => 'height', 'point' => 'A-L', 'value' => 2]];
    expect(implode("\n", faults(jobJson(['surveys' => [['id' => 's', 'readings' => $readings]]]))))->toContain("surveys[0].readings[0].supersedes: “{$original}” is no earlier reading of this survey.");
})->with(['r1', 'r2', 'r9']);

it('keeps a reading in use when the one that supersedes it is struck', function () {
    $readings = [
        ['id' => 'r1', 'kind' => 'height', 'point' => 'A-L', 'value' => 1],
        ['id' => 'r2', 'kind' => 'height', 'point' => 'A-L', 'value' => 2, 'supersedes' => 'r1', 'struck' => true, 'reason' => 'undone'],
    ];
    $job = (new JobReader)->read(jobJson(['surveys' => [['id' => 's', 'readings' => $readings]]]));
    expect($job->surveys[0]->readings[0]->isStruck())->toBeFalse()
        ->and($job->surveys[0]->readings[1]->struckBecause)->toBe('undone');
});

it('names the path of a fault and what would be right', function (array $change, string $says) {
    expect(implode("\n", faults(jobJson($change))))->toContain($says);
})->with([
    'misspelt key' => [['pionts' => []], 'unknown key "pionts"'],
    'missing title' => [['title' => ''], 'title: must not be empty'],
    'unit' => [['units' => 'cm'], 'units: is "cm"; expected one of "mm", "in"'],
    'no list' => [['points' => 'none'], 'points: expected array, found string'],
    'id' => [['points' => [['id' => 'a b']]], 'points[0].id: is "a b"; expected letters, digits'],
    'twice' => [['points' => [['id' => 'A-L'], ['id' => 'A-L'], ['id' => 'A-R']]], 'points[1].id: “A-L” is used twice'],
    'mate' => [['points' => [['id' => 'A-L', 'mate' => 'Q'], ['id' => 'A-R']]], 'points[0].mate: “Q” is no other point'],
    'length' => [['points' => [['id' => 'A-L', 'reference' => ['12,5', 0, 0]], ['id' => 'A-R']]], 'points[0].reference[0]: “12,5” is not a length'],
    'two coordinates' => [['points' => [['id' => 'A-L', 'reference' => [1, 2]]]], 'points[0].reference: expected at least 3 entries'],
    'tolerance' => [['points' => [['id' => 'A-L', 'tolerance' => 0], ['id' => 'A-R']]], 'points[0]: A tolerance must be more than zero'],
    'unknown point' => [['surveys' => [['id' => 's', 'readings' => [['id' => 'r', 'kind' => 'height', 'point' => 'B-L', 'value' => 1]]]]], 'surveys[0].readings[0].point: There is no point “B-L”'],
    'kind without its point' => [['surveys' => [['id' => 's', 'readings' => [['id' => 'r', 'kind' => 'tram', 'point' => 'A-L', 'value' => 1]]]]], 'missing "from": a tram reading names from and to'],
    'unknown kind' => [['surveys' => [['id' => 's', 'readings' => [['id' => 'r', 'kind' => 'guess', 'value' => 1]]]]], 'surveys[0].readings[0].kind: is "guess"'],
    'pointers of a height' => [['surveys' => [['id' => 's', 'readings' => [['id' => 'r', 'kind' => 'height', 'point' => 'A-L', 'value' => 1, 'pointers' => [1, 2]]]]]], 'only a tram has pointers'],
    'degrees' => [['surveys' => [['id' => 's', 'readings' => [['id' => 'r', 'kind' => 'slope', 'from' => 'A-L', 'to' => 'A-R', 'value' => 'steep']]]]], 'not a number of degrees'],
    'impossible' => [['surveys' => [['id' => 's', 'readings' => [['id' => 'r', 'kind' => 'tram', 'from' => 'A-L', 'to' => 'A-L', 'value' => 1]]]]], 'A-L is named twice'],
    'plan' => [['plan' => ['operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => 1, 'length' => '9 m']]]], 'plan.operations[0].length: Length put in'],
    'shaft' => [['driveline' => ['shaft' => ['id' => 's', 'front' => ['joint' => [0, 0, 0]], 'rear' => ['joint' => ['1 mm', 0, 0]], 'existing' => ['length' => '1 m', 'engagement' => 2], 'slip' => ['possible' => 4, 'wanted' => 2], 'tube' => ['outside' => 3], 'speed' => 3000]]], 'driveline.shaft: Shaft (s): its two joints are less than 50 mm apart'],
]);

it('names several faults at once', function () {
    expect(faults(jobJson(['points' => [['id' => 'A-L', 'reference' => ['x', '1/0', 0]], ['id' => 'A-R', 'mate' => 'Q']]])))->toHaveCount(3);
});

it('refuses what is no job file before looking further', function (string $json, string $says) {
    expect(implode("\n", faults($json)))->toContain($says);
})->with([
    'another format' => ['{"format":"other"}', 'not a Geodex job file'],
    'version 2' => ['{"format":"geodex-job","version":2,"anything":1}', 'reads version 1, the file says 2'],
    'a list' => ['[1,2]', 'not a Geodex job file'],
    'cut short' => ['{"format":"geodex-job",', 'not JSON'],
    'deep' => [str_repeat('[', 500).str_repeat(']', 500), 'not JSON'],
    'bytes' => ["\xff\xfe\x00", 'UTF-8'],
    'huge' => [str_repeat(' ', JobReader::MAX_BYTES + 1), 'at most 4 MB'],
]);

it('reads past a byte-order mark', function () {
    expect(faults("\u{feff}".jobJson()))->toBe([]);
});

it('writes what it reads, and nothing that it would not read', function () {
    $document = (new JobReader)->document(jobJson());
    expect((new JobReader)->document((new JobWriter)->write($document)))->toEqual($document)
        ->and(fn () => (new JobWriter)->write([...$document, 'version' => 7]))->toThrow(InvalidFile::class);
});
