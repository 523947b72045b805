<?php

declare(strict_types=1);

use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\JobFile\SchemaChecker;

/** @return list<string> what differs between a small job and the schema */
function differs(string $json): array
{
    return array_map(strval(...), (new SchemaChecker)->check(json_decode($json)));
}

/** A whole job around one part, as JSON. */
function around(string $key, string $value): string
{
    return '{"format":"geodex-job","version":1,"title":"t","units":"mm","points":[{"id":"A"}],"'.$key.'":'.$value.'}';
}

it('takes every part that may be empty', function (string $key, string $value) {
    expect(differs(around($key, $value)))->toBe([]);
})->with([
    'no surveys' => ['surveys', '[]'],
    'a survey without readings' => ['surveys', '[{"id":"before","readings":[]}]'],
    'an empty frame' => ['frame', '{}'],
    'an empty plan' => ['plan', '{}'],
    'an empty driveline' => ['driveline', '{}'],
]);

it('names path and remedy', function (string $key, string $value, string $says) {
    expect(differs(around($key, $value)))->toBe([$says]);
})->with([
    'misspelt in a point' => [
        'surveys', '[{"id":"before","readings":[],"stge":"tack"}]',
        'surveys[0]: unknown key "stge"; check the spelling.',
    ],
    'two misspelt at once' => [
        'frame', '{"axels":[],"caried":[]}',
        'frame: unknown keys "axels", "caried"; check the spelling.',
    ],
    'stage' => [
        'surveys', '[{"id":"before","stage":"later","readings":[]}]',
        'surveys[0].stage: is "later"; expected one of "before", "tack", "after", "sister".',
    ],
    'no readings' => [
        'surveys', '[{"id":"before"}]',
        'surveys[0]: missing "readings".',
    ],
    'a reading without value' => [
        'surveys', '[{"id":"before","readings":[{"id":"r1","kind":"height","point":"A"}]}]',
        'surveys[0].readings[0]: missing "value".',
    ],
    'three pointers' => [
        'surveys', '[{"id":"before","readings":[{"id":"r1","kind":"tram","from":"A","to":"A","value":1,"pointers":[1,2,3]}]}]',
        'surveys[0].readings[0].pointers: expected at most 2 entries.',
    ],
    'a length that is a list' => [
        'frame', '{"axles":[{"id":"front","station":[0]}]}',
        'frame.axles[0].station: expected number or string, found array.',
    ],
    'an operation nobody knows' => [
        'plan', '{"operations":[{"id":"op1","kind":"widen","at":1,"length":2}]}',
        'plan.operations[0].kind: is "widen"; expected one of "stretch", "shorten", "replace", "kick", "move-axle", "move-feature", "add-feature", "remove-feature", "plate", "box".',
    ],
    'struck in words' => [
        'surveys', '[{"id":"before","readings":[{"id":"r1","kind":"height","point":"A","value":1,"struck":"yes"}]}]',
        'surveys[0].readings[0].struck: expected boolean, found string.',
    ],
    'speed in words' => [
        'driveline', '{"shaft":{"id":"s","front":{"joint":[0,0,0]},"rear":{"joint":[1,0,0]},"existing":{"length":1,"engagement":1},"slip":{"possible":1,"wanted":1},"tube":{"outside":1},"speed":"fast"}}',
        'driveline.shaft.speed: expected number, found string.',
    ],
]);

it('names several differences in one go', function () {
    $json = '{"format":"geodex-job","version":1,"title":"","units":"furlong","points":[{"id":"A","side":"middle"},{"name":"no id"}]}';
    $found = differs($json);
    expect($found)->toContain('title: must not be empty.')
        ->toContain('units: is "furlong"; expected one of "mm", "in".')
        ->toContain('points[0].side: is "middle"; expected one of "left", "right", "centre".')
        ->toContain('points[1]: missing "id".');
});

it('shows long and strange values cut short', function () {
    $found = differs(around('surveys', '[{"id":"before","stage":"'.str_repeat('x', 500).'","readings":[]}]'));
    expect($found)->toHaveCount(1)->and(mb_strlen($found[0]))->toBeLessThan(200);
});

describe('an invalid file', function () {
    it('says all its problems, one a line', function () {
        $invalid = InvalidFile::with([new Problem('a', 'first.'), new Problem('', 'second.')]);
        expect($invalid->getMessage())->toBe("a: first.\nsecond.")
            ->and($invalid->errorCode())->toBe('file.invalid')
            ->and(json_encode($invalid->problems()[0]))->toBe('{"path":"a","message":"first."}');
    });

    it('shows fifty of thousands', function () {
        $problems = array_map(fn (int $i): Problem => new Problem("row $i", 'wrong.'), range(1, 3000));
        $shown = InvalidFile::with($problems)->problems();
        expect($shown)->toHaveCount(51)
            ->and($shown[50]->message)->toBe('and 2950 more of the kind');
    });
});
