<?php

declare(strict_types=1);

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\RigidMotions;

const SIX_PLACES = [[100.0, -390.0, 450.0], [130.0, 410.0, 430.0], [800.0, -420.0, 380.0], [820.0, 380.0, 400.0], [1600.0, -400.0, 470.0], [2300.0, 430.0, 140.0]];

/** @param  list<int>  $base  which of the six places hold */
function motionsOn(array $base): RigidMotions
{
    $at = $columns = [];
    foreach (SIX_PLACES as $i => $place) {
        $at["P$i"] = Vector3::of(...$place);
        $columns["P$i"] = 3 * $i;
    }

    return new RigidMotions(new Network([], [], $columns), $at, array_map(fn (int $i): string => "P$i", $base));
}

/** @return list<list<float>> S, row by row */
function denseS(RigidMotions $motions): array
{
    return array_map(fn (int $i): array => array_replace(array_fill(0, 18, 0.0), $motions->deviationRow($i)), range(0, 17));
}

/** @return list<list<float>> a full symmetric matrix */
function fullQ(int $seed): array
{
    $random = new RandomSource($seed);
    $q = [];
    for ($i = 0; $i < 18; $i++) {
        for ($j = 0; $j <= $i; $j++) {
            $q[$i][$j] = $q[$j][$i] = $random->normal(1.0) + ($i === $j ? 20.0 : 0.0);
        }
    }

    return array_map(function (array $row): array {
        ksort($row);

        return $row;
    }, $q);
}

function multiplied(array $a, array $b): array
{
    return array_map(fn (array $row): array => array_map(fn (int $j): float => array_sum(array_map(fn (float $p, array $other): float => $p * $other[$j], $row, $b)), array_keys($b[0])), $a);
}

function transposed(array $a): array
{
    return array_map(fn (int $j): array => array_column($a, $j), array_keys($a[0]));
}

function expectSame(array $is, array $should): void
{
    foreach ($should as $i => $row) {
        foreach ((array) $row as $j => $value) {
            expect(((array) $is[$i])[$j])->toEqualWithDelta($value, 1e-8 * max(1.0, abs($value)), "$i, $j");
        }
    }
}

$bases = [[[0, 1, 2, 3]], [[0, 1, 4]], [[0, 1, 2, 3, 4, 5]], [[1, 3, 5]]];

it('takes every small motion of the whole out, and nothing else', function (array $base) {
    $s = denseS(motionsOn($base));
    $axes = [Vector3::of(1, 0, 0), Vector3::of(0, 1, 0), Vector3::of(0, 0, 1)];
    foreach ($axes as $k => $axis) {
        $shift = array_merge(...array_map(fn (): array => $axis->toArray(), SIX_PLACES));
        $turn = array_merge(...array_map(fn (array $place): array => $axis->cross(Vector3::of(...$place))->times(1e-3)->toArray(), SIX_PLACES));
        expectSame(multiplied($s, transposed([$shift])), array_fill(0, 18, [0.0]));
        expectSame(multiplied($s, transposed([$turn])), array_fill(0, 18, [0.0]));
    }
    // What is taken out once is taken out.
    expectSame(multiplied($s, $s), $s);
    $own = array_sum(array_map(fn (int $i): float => $s[$i][$i], range(0, 17)));
    expect($own)->toEqualWithDelta(12.0, 1e-9);
})->with($bases);

it('lets only the base points have a say in what is taken out', function () {
    $s = denseS(motionsOn([0, 1, 2, 3]));
    foreach (range(0, 17) as $i) {
        foreach (range(12, 17) as $j) {
            expect($s[$i][$j])->toEqualWithDelta($i === $j ? 1.0 : 0.0, 1e-12);
        }
    }
});

it('gives S Q Sᵀ, its diagonal alone, and S f, as the matrices do', function (array $base) {
    $motions = motionsOn($base);
    $s = denseS($motions);
    $q = fullQ(5);
    $covariance = multiplied(multiplied($s, $q), transposed($s));
    expectSame($motions->covariance($q), $covariance);
    expectSame(array_map(fn (float $one): array => [$one], $motions->variances($q)), array_map(fn (int $i): array => [$covariance[$i][$i]], range(0, 17)));
    $direction = array_map(fn (int $i): float => sin(1.7 * $i) + 0.2, range(0, 17));
    expectSame(array_map(fn (float $one): array => [$one], $motions->heldOnBase($direction)), multiplied($s, transposed([$direction])));
})->with($bases);

it('gives how the motions of the base points and the coordinates go together, S Q B G', function (array $base) {
    $motions = motionsOn($base);
    $q = fullQ(6);
    $g = array_map(fn (int $i): array => $motions->seenBy([$i => 1.0]), range(0, 17));
    $onBase = array_map(fn (array $row, int $i): array => in_array(intdiv($i, 3), $base, true) ? $row : array_fill(0, 6, 0.0), $g, array_keys($g));
    // The motions are orthonormal on the base points.
    expectSame(multiplied(transposed($onBase), $onBase), array_map(fn (int $c): array => array_map(fn (int $d): float => $c === $d ? 1.0 : 0.0, range(0, 5)), range(0, 5)));
    expectSame($motions->withMotions($q), multiplied(multiplied(denseS($motions), $q), $onBase));
})->with($bases);

it('sees what a reading sees of the motions: a length sees none', function () {
    $motions = motionsOn([0, 1, 2, 3]);
    [$p, $q] = [Vector3::of(...SIX_PLACES[2]), Vector3::of(...SIX_PLACES[5])];
    $along = $q->minus($p)->unit()->toArray();
    $length = [6 => -$along[0], 7 => -$along[1], 8 => -$along[2], 15 => $along[0], 16 => $along[1], 17 => $along[2]];
    expect($motions->seenBy($length))->toEqualWithDelta(array_fill(0, 6, 0.0), 1e-12)
        ->and($motions->seenBy([8 => 2.0])[2])->toEqualWithDelta(2.0 / sqrt(4), 1e-12)
        ->and(array_sum(array_map(abs(...), $motions->seenBy([8 => 2.0]))))->toBeGreaterThan(1.0);
});

it('refuses points in a line, and takes those that are a little beside one', function (float $beside, bool $refused) {
    $at = ['A' => Vector3::of(0, 0, 0), 'B' => Vector3::of(1000, 0, 0), 'C' => Vector3::of(2000, $beside, 0)];
    $make = fn (): RigidMotions => new RigidMotions(new Network([], [], ['A' => 0, 'B' => 3, 'C' => 6]), $at, ['A', 'B', 'C']);
    $refused ? expect($make)->toThrow(DegenerateGeometry::class, 'The 3 points lie in one line') : expect($make())->toBeInstanceOf(RigidMotions::class);
})->with([[0.0, true], [0.1, true], [1.0, false], [-1.0, false]]);
