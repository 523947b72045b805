<?php

declare(strict_types=1);

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\ImpossibleReading;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\Reading\UnknownReadingKind;
use Geodex\Core\Units\InvalidQuantity;

/** P and Q 300, 400 and 1200 mm apart: plan 500, straight 1300. R makes a right angle at Q, in the plane of the station and the offset. */
function pq(): array
{
    return ['P' => Vector3::of(100, -50, 20), 'Q' => Vector3::of(400, 350, 1220), 'R' => Vector3::of(800, 50, 1220)];
}

function kindOf(string $name, ?array $pointers = null): ReadingKind
{
    $class = ReadingKinds::named($name);

    return $class::between(array_slice(['P', 'Q', 'R'], 0, count($class::roles())), $pointers);
}

describe('what each tool reads between two known places', function () {
    it('predicts by its own equation', function (string $kind, ?array $pointers, float $expected) {
        expect(kindOf($kind, $pointers)->linearise(pq())->predicted)->toEqualWithDelta($expected, 1e-9);
    })->with([
        'tram' => ['tram', null, 1300.0],
        'tram, equal pointers' => ['tram', [80.0, 80.0], 1300.0],
        'tram, pointers 500 apart' => ['tram', [100.0, 600.0], 1200.0],
        'plan' => ['plan', null, 500.0],
        'height of P' => ['height', null, 20.0],
        'offset of P is negative to the left' => ['offset', null, -50.0],
        'station of P' => ['station', null, 100.0],
        'rise is positive when Q is higher' => ['rise', null, 1200.0],
        'slope' => ['slope', null, rad2deg(atan2(1200, 500))],
        'angle at Q between QP and QR' => ['angle', null, 90.0],
    ]);

    it('has partials equal to central differences (seed 11)', function (string $kind) {
        mt_srand(11);
        for ($round = 0; $round < 20; $round++) {
            $at = ['P' => Vector3::of(mt_rand(0, 900), mt_rand(-500, 0), mt_rand(200, 500)), 'Q' => Vector3::of(mt_rand(1000, 2000), mt_rand(1, 500), mt_rand(200, 500)), 'R' => Vector3::of(mt_rand(2100, 3000), mt_rand(-500, 500), mt_rand(600, 900))];
            $reading = kindOf($kind, $kind === 'tram' ? [100.0, 160.0] : null);
            $partials = $reading->linearise($at)->partials;
            foreach ($reading->points() as $p => $id) {
                foreach ([Vector3::of(1, 0, 0), Vector3::of(0, 1, 0), Vector3::of(0, 0, 1)] as $axis => $step) {
                    $ahead = $reading->linearise([...$at, $id => $at[$id]->plus($step->times(0.01))])->predicted;
                    $behind = $reading->linearise([...$at, $id => $at[$id]->minus($step->times(0.01))])->predicted;
                    expect($partials[3 * $p + $axis])->toEqualWithDelta(($ahead - $behind) / 0.02, 1e-7);
                }
            }
        }
    })->with(fn () => ReadingKinds::names());

    it('refuses places with no direction between them', function (string $kind) {
        expect(fn () => kindOf($kind)->linearise(['P' => Vector3::of(1, 2, 3), 'Q' => Vector3::of(1, 2, 3), 'R' => Vector3::of(4, 2, 3)]))->toThrow(DegenerateGeometry::class);
    })->with(['tram', 'plan', 'slope', 'angle']);

    it('reads no angle between two lines that are one', function () {
        expect(fn () => kindOf('angle')->linearise(['P' => Vector3::of(0, 0, 0), 'Q' => Vector3::of(100, 0, 0), 'R' => Vector3::of(200, 0, 0)]))->toThrow(DegenerateGeometry::class);
    });

    it('reads the angles of a triangle, which add up to 180 degrees', function () {
        $at = pq();
        $angle = fn (string ...$points): float => ReadingKinds::named('angle')::between($points, null)->linearise($at)->predicted;
        expect($angle('P', 'Q', 'R') + $angle('Q', 'R', 'P') + $angle('R', 'P', 'Q'))->toEqualWithDelta(180.0, 1e-9)
            ->and($angle('R', 'Q', 'P'))->toEqualWithDelta($angle('P', 'Q', 'R'), 1e-12);
    });

    it('refuses pointers further apart than the points', function () {
        expect(fn () => kindOf('tram', [0.0, 1301.0])->linearise(pq()))->toThrow(DegenerateGeometry::class, 'pointer');
    });
});

describe('a reading', function () {
    it('cannot have a value that no frame gives', function (string $kind, float $value) {
        expect(fn () => new Reading('r1', kindOf($kind), $value, 1.0))->toThrow(ImpossibleReading::class);
    })->with([
        'zero tram' => ['tram', 0.0],
        'negative plan' => ['plan', -3.0],
        'tram of a kilometre' => ['tram', 1e6],
        'height of 5 m' => ['height', 5000.0],
        'offset of 4 m' => ['offset', -4000.0],
        'station of 30 m' => ['station', 30000.0],
        'rise of 4 m' => ['rise', 4000.0],
        'slope of 80 degrees' => ['slope', 80.0],
        'no angle' => ['angle', 0.0], 'half a turn' => ['angle', 180.0], 'half a millimetre' => ['tram', 0.5],
    ]);

    it('cannot run from a point to itself', function () {
        $class = ReadingKinds::named('tram');
        expect(fn () => new Reading('r1', $class::between(['P', 'P'], null), 100, 1.0))->toThrow(ImpossibleReading::class, 'named twice');
    });

    it('needs a finite value and an uncertainty over zero', function () {
        expect(fn () => new Reading('r1', kindOf('height'), NAN, 1.0))->toThrow(InvalidQuantity::class)
            ->and(fn () => new Reading('r1', kindOf('height'), 1.0, 0.0))->toThrow(InvalidQuantity::class);
    });

    it('is of a kind that is known', function () {
        expect(fn () => ReadingKinds::named('guess'))->toThrow(UnknownReadingKind::class, 'use tram, plan');
    });
});
