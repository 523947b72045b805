<?php

declare(strict_types=1);

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Units\LengthUnit;

/** What a splice asks for, in small. @return list<Field> */
function spliceFields(): array
{
    return [
        Field::length('length', 'Length')->positive(),
        Field::length('gap', 'Root gap')->between(0, 6)->defaults(2.0),
        Field::number('angle', 'Angle', '°')->between(-45, 45)->optional(),
        Field::count('plates', 'Plates')->between(1, 4)->defaults(1),
        Field::choice('joint', 'Joint', ['butt', 'scarf']),
        Field::truth('closed', 'Closed')->defaults(false),
        Field::group('section', 'Section', [Field::length('height', 'Height')->positive(), Field::length('wall', 'Wall')->positive()->optional()])->optional(),
        Field::listing('holes', 'Holes', [Field::text('id', 'Name'), Field::length('at', 'Station')], 0, 3)->optional(),
        Field::numbers('window', 'Window', 's', 2)->defaults([5.0, 20.0]),
    ];
}

it('reads lengths in any unit, fills in defaults, and leaves what was not given not given', function () {
    $given = (new FieldReader)->read(spliceFields(), ['length' => '16 3/8 in', 'joint' => 'scarf', 'section' => ['height' => 180], 'holes' => [['id' => 'a', 'at' => 10], ['id' => 'b', 'at' => '1 in']]]);
    expect($given->number('length'))->toEqualWithDelta(415.925, 1e-9)->and($given->number('gap'))->toBe(2.0)->and($given->optional('angle'))->toBeNull()->and($given->has('angle'))->toBeFalse()
        ->and($given->number('plates'))->toBe(1.0)->and($given->text('joint'))->toBe('scarf')->and($given->truth('closed'))->toBeFalse()
        ->and($given->group('section')?->number('height'))->toBe(180.0)->and($given->group('section')?->optional('wall'))->toBeNull()
        ->and(array_map(fn ($hole): array => [$hole->text('id'), $hole->number('at')], $given->list('holes')))->toBe([['a', 10.0], ['b', 25.4]])
        ->and($given->numbers('window'))->toBe([5.0, 20.0]);
});

it('names everything that is wrong with its path and what would be right', function (array $given, string $problem) {
    try {
        (new FieldReader)->read(spliceFields(), [...['length' => 100, 'joint' => 'butt'], ...$given]);
        expect('read')->toBe('refused');
    } catch (InvalidFields $invalid) {
        expect(implode('|', $invalid->context()['problems']))->toContain($problem);
    }
})->with([
    'unknown key' => [['colour' => 'red'], 'colour: unknown key; known are length, gap, angle, plates, joint, closed, section, holes, window.'],
    'missing' => [['length' => null], 'length: missing: Length, more than 0 mm.'],
    'zero' => [['length' => 0], 'length: Length has to be more than 0 mm, not 0.'],
    'no length' => [['length' => 'long'], 'length: “long” is not a length: '],
    'a truth for a length' => [['length' => true], 'length: expected a length: a number in mm, or a text with its unit such as "16 3/8 in".'],
    'out of range' => [['gap' => 7], 'gap: Root gap has to be from 0 to 6 mm, not 7.'],
    'a text for a number' => [['angle' => '12'], 'angle: expected a number of °.'],
    'not finite' => [['angle' => INF], 'angle: expected a number of °.'],
    'half a plate' => [['plates' => 1.5], 'plates: expected a whole number.'],
    'another word' => [['joint' => 'glue'], 'joint: expected one of butt, scarf.'],
    'no truth' => [['closed' => 1], 'closed: expected true or false.'],
    'a list for a group' => [['section' => [1, 2]], 'section: expected an object with height, wall.'],
    'missing in a group' => [['section' => []], 'section.height: missing: Height, more than 0 mm.'],
    'no list' => [['holes' => ['id' => 'a']], 'holes: expected a list.'],
    'too many' => [['holes' => [[], [], [], []]], 'holes: 4 entries; Holes takes from 0 to 3.'],
    'in an entry' => [['holes' => [['id' => 'a', 'at' => 1], ['id' => 5, 'at' => 1]]], 'holes[1].id: expected a text of at most 200 letters.'],
    'a window of three' => [['window' => [1, 2, 3]], 'window: expected 2 numbers in a list.'],
]);

it('tells all of it at once', function () {
    try {
        (new FieldReader)->read(spliceFields(), ['gap' => 'x', 'more' => 1]);
    } catch (InvalidFields $invalid) {
        expect($invalid->context()['problems'])->toHaveCount(4);
    }
});

it('reads what was typed in a form: numbers as text, and nothing typed as nothing given', function () {
    $given = (new FieldReader(LengthUnit::Inch, typed: true))->read(spliceFields(), ['length' => '4', 'gap' => '', 'angle' => ' −12.5 ', 'joint' => 'butt', 'window' => '3, 9']);
    expect($given->number('length'))->toEqualWithDelta(101.6, 1e-9)->and($given->number('gap'))->toBe(2.0)->and($given->optional('angle'))->toBe(-12.5)->and($given->numbers('window'))->toBe([3.0, 9.0])
        ->and(fn () => (new FieldReader(typed: true))->read(spliceFields(), ['length' => '1e400', 'joint' => 'butt']))->toThrow(InvalidFields::class);
});

it('refuses a number that is next to nothing, and takes nothing itself', function (Field $field) {
    expect(fn () => (new FieldReader)->read([$field], ['width' => 1e-300]))->toThrow(InvalidFields::class, 'nearer to nothing')
        ->and((new FieldReader)->read([$field], ['width' => 0])->number('width'))->toBe(0.0);
})->with([Field::length('width', 'Width'), Field::number('width', 'Width', 'kg')]);

it('parts a typed row by its commas, and by its blanks only where it is nothing but numbers', function (string $typed, array $mm) {
    $values = (new FieldReader(LengthUnit::Inch, typed: true))->read([Field::lengths('row', 'Row', 1, 9)], ['row' => $typed]);
    expect($values->numbers('row'))->toEqualWithDelta($mm, 1e-9);
})->with([
    'feet and inches' => ["11', 12' 6\"", [3352.8, 3810.0]],
    'fractions' => ['3 1/2, 4 1/4', [88.9, 107.95]],
    'one with a fraction' => ['3 1/2', [88.9]],
    'blanks' => ['1 2 -3', [25.4, 50.8, -76.2]],
    'millimetres among them' => ['100 mm; 2', [100.0, 50.8]],
]);
