<?php

declare(strict_types=1);

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Frame\UnknownStation;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\LengthUnit;

function named(): StationNames
{
    $point = fn (string $id, ?float $x): Point => new Point($id, '', Side::Left, null, null, $x === null ? null : Vector3::of($x, -400, 300), Tolerance::all(), false);

    return new StationNames(new Frame([$point('CL', 812.0), $point('B-L', 180.0), $point('free', null)], [new Axle('front', 0.0), new Axle('rear', 3300.0)]));
}

it('reads a station from a point or an axle, behind it and ahead of it, as people say it', function (string $text, float $mm) {
    expect(named()->read($text, LengthUnit::Millimetre)->mm)->toEqualWithDelta($mm, 1e-9);
})->with([
    ['350 behind CL', 1162.0],
    ['350 mm behind cl', 1162.0],
    ['120 ahead of rear axle', 3180.0],
    ['120 in front of axle rear', 3180.0],
    ['40 before B-L', 140.0],
    ['CL + 350', 1162.0],
    ['B-L - 80', 100.0],
    ['B-L − 80', 100.0],
    ['10 in behind front axle', 254.0],
    ['CL', 812.0],
    [' rear axle ', 3300.0],
    ['1 1/2 in behind CL', 850.1],
    ['rear axle + 5\' 1"', 3300 + 61 * 25.4],
]);

it('takes a bare number in the unit of the job', function () {
    $placed = named()->read('10 behind CL', LengthUnit::Inch);
    expect($placed->mm)->toEqualWithDelta(1066.0, 1e-9)
        ->and($placed->text)->toBe('10 in behind CL')
        ->and(named()->read($placed->text, LengthUnit::Millimetre))->toEqual($placed);
});

it('keeps what was said, with the unit of its length and one way of saying it', function (string $text, string $kept) {
    expect(named()->read($text, LengthUnit::Millimetre)->text)->toBe($kept);
})->with([
    ['350 behind CL', '350 mm behind CL'],
    ['1 1/2 in behind CL', '1 1/2 in behind CL'],
    ['CL - 80', '80 mm ahead of CL'],
    ['5" in front of rear axle', '5" ahead of rear axle'],
    ['CL', 'CL'],
]);

it('leaves a plain length to be read as one', function (string $text) {
    expect(named()->read($text, LengthUnit::Millimetre))->toBeNull();
})->with(['1250', '62 7/16 in', '5 - 3/8', '-12', '']);

it('says what can be measured from where it does not know the name, or has no place for it', function (string $text, string $says) {
    expect(fn () => named()->read($text, LengthUnit::Millimetre))->toThrow(UnknownStation::class, $says);
})->with([
    ['350 behind ZZ', 'There is no point or axle “ZZ” to measure from; known are front axle,'],
    ['free', '“free” has no station yet'],
    ['100 ahead of free', 'the chart does not give its place'],
    ['ZZ + 10', 'no point or axle “ZZ”'],
]);

describe('a station field', function () {
    it('is worked out, and keeps its words', function () {
        $values = (new FieldReader(stations: named()))->read([Field::length('at', 'At')->station(), Field::length('length', 'Length')], ['at' => '350 behind CL', 'length' => 10]);
        expect($values->number('at'))->toBe(1162.0)
            ->and($values->given('at'))->toBe('350 mm behind CL')
            ->and($values->given('length'))->toBe(10.0)
            ->and($values->toArray())->toBe(['at' => '350 mm behind CL', 'length' => 10.0])
            ->and($values->has('at'))->toBeTrue();
    });

    it('is a place and no other length: nothing else is measured from a point', function () {
        expect(fn () => (new FieldReader(stations: named()))->read([Field::length('length', 'Length')], ['length' => '350 behind CL']))->toThrow(InvalidFields::class, 'length: ');
    });

    it('names the field where the point is unknown', function () {
        expect(fn () => (new FieldReader(stations: named()))->read([Field::length('at', 'At')->station()], ['at' => '5 behind nobody'], 'frame.rails[2]'))->toThrow(InvalidFields::class, 'frame.rails[2].at: There is no point or axle “nobody”');
    });

    it('is a plain length where there is no frame', function () {
        expect(fn () => (new FieldReader)->read([Field::length('at', 'At')->station()], ['at' => '350 behind CL']))->toThrow(InvalidFields::class);
    });
});
