<?php

declare(strict_types=1);

use Geodex\Core\Failure\Refusal;
use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\ImpossibleReading;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\Reading\UnknownReadingKind;

it('knows of each kind what it is, how it is called and how good one careful reading is', function () {
    $table = array_map(fn (string $kind): string => implode(' | ', [
        $kind::letter(), $kind::name(), $kind::word(), $kind::label(), $kind::example(), implode(' ', $kind::roles()), $kind::quantity(), $kind::usualSigma(),
        implode(' ', array_keys(array_filter(['distance' => $kind::isDistance(), 'height' => $kind::tellsHeight(), 'bench' => $kind::seesBench(), 'pointers' => $kind::hasPointers(), "coordinate {$kind::coordinate()}" => $kind::coordinate() !== null]))),
    ]), ReadingKinds::all());
    expect($table)->toBe([
        't | tram | Tram | tram between two points | BL DR 1204 | from to | length | 1 | distance pointers',
        'p | plan | Plan | length between plumb-bob marks | p BL DR 1198 | from to | length | 1.5 | distance bench',
        'h | height | Height | height above the bench | h BL 212.5 | point | length | 1 | height bench coordinate 2',
        'r | rise | Rise | height of the second point above the first | r BL BR -3 | from to | length | 1 | height bench',
        'o | offset | Offset | distance right of the bench centreline | o BL -390 | point | length | 1.5 | bench coordinate 1',
        'x | station | Station | distance along the bench | x BL 1500 | point | length | 1.5 | bench coordinate 0',
        'l | slope | Level | level laid from one point to another, degrees | l BL BR 0.2 | from to | angle | 0.1 | height bench',
        'a | angle | Angle | angle at the middle point between two tram lines, degrees | a AL BL BR 90 | from vertex to | angle | 0.2 | ',
    ]);
});

/** @return list<string> key, and what repeats of it have in common */
function keysOf(ReadingKind $kind): array
{
    return [$kind->key(), $kind->repeatKey()];
}

it('takes a reading from either end for the same one, but for the sign of a rise or a slope', function (string $name, array $points, array $keys) {
    expect(keysOf(ReadingKinds::between($name, $points)))->toBe($keys);
})->with([
    ['tram', ['B', 'A'], ['tram A B', 'tram A B 0']],
    ['plan', ['B', 'A'], ['plan A B', 'plan A B']],
    ['height', ['A'], ['height A', 'height A']],
    ['rise', ['B', 'A'], ['rise A B', 'rise B A']],
    ['slope', ['B', 'A'], ['slope A B', 'slope B A']],
    ['angle', ['C', 'B', 'A'], ['angle B A C', 'angle B A C']],
]);

it('takes trams with pointers of another difference for another reading, whichever is the longer', function () {
    $tram = fn (?array $pointers): string => ReadingKinds::named('tram')::between(['A', 'B'], $pointers)->repeatKey();
    expect($tram([100.0, 250.0]))->toBe('tram A B 150')
        ->and($tram([250.0, 100.0]))->toBe('tram A B 150')
        ->and($tram([250.0, 250.0]))->toBe($tram(null));
});

it('is not made of a kind that is not known, nor of another number of points', function () {
    try {
        ReadingKinds::named('guess');
    } catch (UnknownReadingKind $unknown) {
        expect($unknown->context())->toBe(['kind' => 'guess', 'known' => ReadingKinds::names()]);
    }
    expect(fn () => ReadingKinds::between('angle', ['A', 'B']))->toThrow(ImpossibleReading::class, 'A reading of the kind “angle” has its points as from and vertex and to; 2 were named.')
        ->and(fn () => ReadingKinds::between('height', ['A', 'B']))->toThrow(ImpossibleReading::class, 'A reading of the kind “height” has its points as point; 2 were named.');
});

describe('values at the limits of a frame', function () {
    it('are taken up to the limit and refused beyond', function (string $kind, float $value, ?string $why) {
        expect(ReadingKinds::between($kind, array_slice(['A', 'B', 'C'], 0, count(ReadingKinds::named($kind)::roles())))->implausible($value))->toBe($why);
    })->with([
        ['tram', 0.0, 'A distance between two points is more than zero.'],
        ['tram', -1.0, 'A distance between two points is more than zero.'],
        ['tram', 0.25, 'Two points of a frame are not as near as 0.25 mm (limit 1 mm); check the unit and the decimal point.'],
        ['tram', 0.000123, 'Two points of a frame are not as near as 0.000123 mm (limit 1 mm); check the unit and the decimal point.'],
        ['tram', 1.0, null],
        ['tram', 20000.0, null],
        ['tram', 20000.5, '20000.5 mm is longer than any frame (20000 mm); check the unit and the decimal point.'],
        ['tram', 51234.5678, '51234.6 mm is longer than any frame (20000 mm); check the unit and the decimal point.'],
        ['plan', 0.5, 'Two points of a frame are not as near as 0.5 mm (limit 1 mm); check the unit and the decimal point.'],
        ['plan', 20000.0, null],
        ['height', 3000.0, null],
        ['height', -3000.0, null],
        ['height', 3000.5, 'No point of a frame lies 3000.5 mm above or below the bench (limit 3000 mm); check the unit and the decimal point.'],
        ['height', 0.0, null],
        ['rise', -3000.5, 'No point of a frame lies -3000.5 mm above or below the bench (limit 3000 mm); check the unit and the decimal point.'],
        ['offset', 3000.0, null],
        ['offset', -3000.5, 'No point of a frame lies -3000.5 mm off the centreline (limit 3000 mm); check the unit and the decimal point.'],
        ['station', 20000.0, null],
        ['station', -20000.5, 'No frame is as long as -20000.5 mm (limit 20000 mm); check the unit and the decimal point.'],
        ['slope', 60.0, null],
        ['slope', -60.0, null],
        ['slope', 60.5, 'A level laid on a frame does not read 60.5°; it reads degrees, at most 60.'],
        ['angle', 0.0, 'Two lines meet at more than 0° and less than 180°, not at 0°.'],
        ['angle', 0.5, null],
        ['angle', 179.5, null],
        ['angle', 180.0, 'Two lines meet at more than 0° and less than 180°, not at 180°.'],
    ]);

    it('are those of the pointers too', function (array $pointers, bool $taken) {
        $kind = ReadingKinds::named('tram')::between(['A', 'B'], $pointers);
        expect($kind->implausible(1200.0) === null)->toBe($taken);
    })->with([[[0.0, 3000.0], true], [[-0.5, 100.0], false], [[100.0, 3000.5], false], [[NAN, 100.0], false]]);

    it('are those of the sigma', function (float $sigma, bool $taken) {
        $make = fn (): Reading => new Reading('r1', ReadingKinds::between('tram', ['A', 'B']), 1200.0, $sigma);
        $taken ? expect($make()->sigma)->toBe($sigma) : expect($make)->toThrow(Refusal::class);
    })->with([[1e-4, true], [0.9e-4, false], [1000.0, true], [1000.5, false], [0.0, false], [-1.0, false], [INF, false]]);
});

describe('where a tool would have no direction', function () {
    it('says how near the two places are', function (string $kind, array $at, float $mm) {
        $points = array_slice(['A', 'B', 'C'], 0, count(ReadingKinds::named($kind)::roles()));
        try {
            ReadingKinds::between($kind, $points)->linearise($at);
        } catch (DegenerateGeometry $refused) {
            expect($refused->errorCode())->toBe('geometry.no-direction')->and($refused->context()['mm'])->toEqualWithDelta($mm, 1e-8);

            return;
        }
        $this->fail('It was read.');
    })->with([
        'a tram' => ['tram', ['A' => Vector3::of(5, 5, 5), 'B' => Vector3::of(5, 5, 5)], 0.0],
        'a tram of half a nanometre' => ['tram', ['A' => Vector3::of(5, 5, 5), 'B' => Vector3::of(5, 5, 5.0000005)], 5e-7],
        'plumb bobs above each other' => ['plan', ['A' => Vector3::of(5, 5, 5), 'B' => Vector3::of(5, 5, 900)], 0.0],
        'a level held upright' => ['slope', ['A' => Vector3::of(5, 5, 5), 'B' => Vector3::of(5, 5, 900)], 0.0],
        'an angle whose first line has no length' => ['angle', ['A' => Vector3::of(5, 5, 5), 'B' => Vector3::of(5, 5, 5), 'C' => Vector3::of(900, 0, 0)], 0.0],
        // Three in a line but for a hundredth of a millimetre at the end of the shorter: its sine is 2e-5.
        'an angle between two lines that are nearly one' => ['angle', ['A' => Vector3::of(0, 0.01, 0), 'B' => Vector3::of(500, 0, 0), 'C' => Vector3::of(1500, 0, 0)], 0.01],
    ]);

    it('reads what is a little further apart', function () {
        $at = ['A' => Vector3::of(0, 0, 0), 'B' => Vector3::of(0, 0, 2e-6), 'C' => Vector3::of(0, 0.1, 0)];
        expect(ReadingKinds::between('tram', ['A', 'B'])->linearise($at)->predicted)->toEqualWithDelta(2e-6, 1e-12)
            ->and(ReadingKinds::between('plan', ['A', 'C'])->linearise($at)->predicted)->toEqualWithDelta(0.1, 1e-12)
            ->and(ReadingKinds::between('angle', ['A', 'B', 'C'])->linearise(['A' => Vector3::of(0, 0.1, 0), 'B' => Vector3::of(500, 0, 0), 'C' => Vector3::of(1500, 0, 0)])->predicted)->toEqualWithDelta(180 - rad2deg(0.1 / 500), 1e-6);
    });

    it('refuses pointers as far apart as the points are, and says how far that is', function (float $difference, bool $refused) {
        $tram = ReadingKinds::named('tram')::between(['A', 'B'], [0.0, $difference]);
        $at = ['A' => Vector3::of(0, 0, 0), 'B' => Vector3::of(300, 0, 400)];
        if (! $refused) {
            expect($tram->linearise($at)->predicted)->toEqualWithDelta(sqrt(250_000 - $difference ** 2), 1e-9);

            return;
        }
        try {
            $tram->linearise($at);
        } catch (DegenerateGeometry $failure) {
            expect($failure->getMessage())->toBe('A and B are 500.0 mm apart, less than the difference of the two pointers; check the pointer lengths.')
                ->and($failure->context())->toBe(['from' => 'A', 'to' => 'B', 'mm' => 500.0]);

            return;
        }
        $this->fail('It was read.');
    })->with([[499.0, false], [499.999, false], [500.0, true], [501.0, true]]);
});

it('says with a refusal which reading and which point it is about', function () {
    try {
        new Reading('r7', ReadingKinds::named('tram')::between(['P', 'P'], null), 100, 1.0);
    } catch (ImpossibleReading $refused) {
        expect($refused->context())->toBe(['reading' => 'r7', 'point' => 'P']);
    }
    try {
        new Reading('r8', ReadingKinds::between('tram', ['P', 'Q']), -1.0, 1.0);
    } catch (ImpossibleReading $refused) {
        expect($refused->context())->toBe(['reading' => 'r8'])->and($refused->getMessage())->toBe('A distance between two points is more than zero.');
    }
    expect(fn () => new Reading('r9', ReadingKinds::between('angle', ['P', 'Q', 'P']), 90.0, 1.0))->toThrow(ImpossibleReading::class, 'P is named twice');
});
