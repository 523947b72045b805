<?php

declare(strict_types=1);

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\RigidMotionFitter;

/** A quarter turn to the left about the vertical, then a shift. */
function quarterTurn(): RigidMotion
{
    return new RigidMotion([[0.0, -1.0, 0.0], [1.0, 0.0, 0.0], [0.0, 0.0, 1.0]], Vector3::of(10, 20, 30));
}

it('finds the motion that was made', function () {
    $from = [Vector3::of(0, 0, 0), Vector3::of(100, 0, 5), Vector3::of(0, 70, 0), Vector3::of(40, 30, 90)];
    $motion = (new RigidMotionFitter)->fit($from, array_map(quarterTurn()->apply(...), $from));
    foreach ([...$from, Vector3::of(500, -200, 7)] as $point) {
        expect($motion->apply($point)->minus(quarterTurn()->apply($point))->norm())->toBeLessThan(1e-9);
    }
});

it('undoes a motion by its inverse', function () {
    $p = Vector3::of(3, -4, 12);
    expect(quarterTurn()->inverse()->apply(quarterTurn()->apply($p))->minus($p)->norm())->toBeLessThan(1e-12);
});

it('refuses points in a line, however many', function () {
    $line = array_map(fn (int $i): Vector3 => Vector3::of(100 * $i, 50 * $i, 0), range(0, 5));
    expect(fn () => (new RigidMotionFitter)->fit($line, $line))->toThrow(DegenerateGeometry::class, 'one line');
});

it('has no direction between one place and itself', function () {
    expect(fn () => Vector3::of(0, 0, 0)->unit())->toThrow(DegenerateGeometry::class);
});
