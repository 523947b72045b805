<?php

declare(strict_types=1);

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\Angle;
use Geodex\Core\Units\InvalidQuantity;

describe('a vector in frame axes', function () {
    it('adds and subtracts axis by axis', function () {
        $a = Vector3::of(1, 2, 3);
        $b = Vector3::of(10, -20, 30);
        expect($a->plus($b)->toArray())->toBe([11.0, -18.0, 33.0])
            ->and($b->minus($a)->toArray())->toBe([9.0, -22.0, 27.0])
            ->and($a->times(-2)->toArray())->toBe([-2.0, -4.0, -6.0]);
    });

    it('has the length of a box diagonal', function (array $sides, float $length) {
        expect(Vector3::of(...$sides)->norm())->toEqualWithDelta($length, 1e-12);
    })->with([
        '3-4-12' => [[3, 4, 12], 13.0],
        '1-2-2' => [[1, 2, 2], 3.0],
        '2-3-6' => [[-2, 3, -6], 7.0],
        'nothing' => [[0, 0, 0], 0.0],
    ]);

    it('crosses rearward with right into down, as x, y, z are right-handed', function () {
        expect(Vector3::of(1, 0, 0)->cross(Vector3::of(0, 1, 0))->toArray())->toBe([0.0, 0.0, 1.0])
            ->and(Vector3::of(0, 1, 0)->cross(Vector3::of(1, 0, 0))->toArray())->toBe([0.0, 0.0, -1.0]);
    });

    it('crosses at right angles to both, with the area between them (seed 51)', function () {
        mt_srand(51);
        for ($round = 0; $round < 50; $round++) {
            $a = Vector3::of(mt_rand(-900, 900), mt_rand(-900, 900), mt_rand(-900, 900));
            $b = Vector3::of(mt_rand(-900, 900), mt_rand(-900, 900), mt_rand(-900, 900));
            $cross = $a->cross($b);
            expect($cross->dot($a))->toEqualWithDelta(0.0, 1e-3)
                ->and($cross->dot($b))->toEqualWithDelta(0.0, 1e-3)
                ->and($cross->dot($cross) + $a->dot($b) ** 2)->toEqualWithDelta($a->dot($a) * $b->dot($b), 10.0);
        }
    });

    it('has a unit direction only if it has a length', function () {
        expect(Vector3::of(0, 30, 40)->unit()->toArray())->toBe([0.0, 0.6, 0.8])
            ->and(fn () => Vector3::of(0, 0, 1e-12)->unit())->toThrow(DegenerateGeometry::class, 'no direction');
    });

    it('refuses a coordinate that is no number', function (float $bad) {
        expect(fn () => Vector3::of(0, $bad, 0))->toThrow(InvalidQuantity::class, 'finite');
    })->with(['NaN' => [NAN], 'infinity' => [INF], 'less than everything' => [-INF]]);

    it('is written as a list of three', function () {
        expect(json_encode(Vector3::of(1.5, -2, 0)))->toBe('[1.5,-2,0]');
    });
});

describe('a rigid motion', function () {
    it('keeps every distance', function () {
        $turn = new RigidMotion(
            [[cos(0.3), -sin(0.3), 0.0], [sin(0.3), cos(0.3), 0.0], [0.0, 0.0, 1.0]],
            Vector3::of(100, -50, 7),
        );
        $p = Vector3::of(12, 400, -30);
        $q = Vector3::of(2100, -395, 66);
        expect($turn->apply($p)->minus($turn->apply($q))->norm())->toEqualWithDelta($p->minus($q)->norm(), 1e-9);
    });

    it('turns a direction without shifting it', function () {
        $shift = new RigidMotion([[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]], Vector3::of(5, 6, 7));
        expect($shift->turn(Vector3::of(1, 2, 3))->toArray())->toBe([1.0, 2.0, 3.0])
            ->and($shift->apply(Vector3::of(1, 2, 3))->toArray())->toBe([6.0, 8.0, 10.0]);
    });
});

describe('an angle', function () {
    it('is held in radians and said in degrees', function () {
        expect(Angle::ofDegrees(180)->radians)->toBe(M_PI)
            ->and(Angle::ofRadians(M_PI / 2)->degrees())->toBe(90.0)
            ->and(json_encode(Angle::ofDegrees(2.5)))->toBe('2.5');
    });

    it('must be a number', function () {
        expect(fn () => Angle::ofDegrees(NAN))->toThrow(InvalidQuantity::class, 'An angle must be a finite number')
            ->and(fn () => Angle::ofRadians(INF))->toThrow(InvalidQuantity::class);
    });
});
