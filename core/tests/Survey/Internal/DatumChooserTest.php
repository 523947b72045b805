<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Internal\DatumChooser;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Tests\Support\Readings;

/** A network of the points of a ladder of three rows, without readings. */
function pointsOnly(): Network
{
    $columns = [];
    foreach (array_keys(Readings::truth(Readings::ladder(3))) as $i => $id) {
        $columns[$id] = 3 * $i;
    }

    return new Network([], [], $columns);
}

/**
 * @param  array<string, array{float, float, float}>  $moves  what each point does in a free direction
 * @return list<float>
 */
function freely(array $moves): array
{
    return array_merge(...array_map(fn (string $id): array => $moves[$id] ?? [0.0, 0.0, 0.0], array_keys(Readings::truth(Readings::ladder(3)))));
}

/** @param  list<array<string, array{float, float, float}>>  $free */
function firmOf(array $measured, array $free): array
{
    return (new DatumChooser(new RigidMotionFitter))->firm(pointsOnly(), Readings::truth(Readings::ladder(3)), $measured, array_map(freely(...), $free));
}

$six = ['AL', 'AR', 'BL', 'BR', 'CL', 'CR'];

it('keeps all base points where nothing is free, or only the whole', function () use ($six) {
    expect(firmOf($six, []))->toBe($six)
        ->and(firmOf($six, [array_fill_keys($six, [1.0, 0.0, 0.0])]))->toBe($six)
        ->and(firmOf($six, [array_fill_keys($six, [0.0, 0.0, 1.0]), array_fill_keys($six, [0.0, 0.4, 0.0])]))->toBe($six);
});

it('leaves out the one that moves against the others, then the next, and keeps the order', function () use ($six) {
    expect(firmOf($six, [['BL' => [0.0, 0.0, 1.0]]]))->toBe(['AL', 'AR', 'BR', 'CL', 'CR'])
        ->and(firmOf($six, [['BL' => [0.0, 1.0, 0.0]], ['CR' => [1.0, 0.0, 0.0]]]))->toBe(['AL', 'AR', 'BR', 'CL'])
        ->and(firmOf($six, [['AL' => [-1.0, 0.0, 0.0]], array_fill_keys($six, [0.0, 1.0, 0.0])]))->toBe(['AR', 'BL', 'BR', 'CL', 'CR']);
});

it('keeps all of them where fewer than three are firm', function () use ($six) {
    $loose = array_map(fn (string $id): array => [$id => [0.0, 0.0, 1.0]], ['AL', 'AR', 'BL', 'BR']);
    expect(firmOf($six, $loose))->toBe($six)
        ->and(firmOf(['AL', 'AR', 'CL'], [['AL' => [0.0, 0.0, 1.0], 'CR' => [1.0, 0.0, 0.0]], ['CL' => [1.0, 0.0, 0.0]]]))->toBe(['AL', 'AR', 'CL']);
});

it('does not mind what is loose beside the base points, nor a motion that is rounding', function () use ($six) {
    expect(firmOf(['AL', 'AR', 'BL', 'BR'], [['CL' => [0.0, 0.0, 1.0]]]))->toBe(['AL', 'AR', 'BL', 'BR'])
        ->and(firmOf($six, [['BL' => [0.0, 0.0, 9e-7]]]))->toBe($six)
        ->and(firmOf($six, [['BL' => [0.0, 0.0, 4e-6]]]))->not->toContain('BL');
});

it('lays the measured base points on the chart, those called by numbers too', function () {
    /** @var array<string, int> $columns */
    $columns = [];
    /** @var array<string, Vector3> $chart */
    $chart = [];
    /** @var array<string, Vector3> $at */
    $at = [];
    foreach ([[0, -400, 0], [0, 400, 0], [700, -400, 0]] as $i => [$x, $y, $z]) {
        $id = (string) (11 + $i);
        $columns[$id] = 3 * $i;
        $chart[$id] = Vector3::of($x, $y, $z);
        $at[$id] = Vector3::of(-$y + 50, $x, $z + 9);
    }
    $datum = (new DatumChooser(new RigidMotionFitter))->lay(new Network([], [], $columns), $at, $chart);
    expect($datum->base)->toBe(['11', '12', '13']);
    foreach ($datum->placed($at) as $id => $place) {
        expect($place->minus($chart[$id])->norm())->toBeLessThan(1e-9);
    }
});

it('says which base points are measured, and which are still to read', function () {
    $chart = array_diff_key(Readings::truth(Readings::ladder(3)), ['CR' => 1]);
    $network = new Network([], [], ['CL' => 0, 'AR' => 3]);
    try {
        (new DatumChooser(new RigidMotionFitter))->lay($network, Readings::truth(Readings::ladder(3)), $chart);
    } catch (CannotComputeSurvey $failure) {
        expect($failure->context())->toBe(['measured' => ['AR', 'CL'], 'missing' => ['AL', 'BL', 'BR']]);

        return;
    }
    $this->fail('It was laid.');
});

it('says so where they lie in one line', function () {
    $chart = ['A' => Vector3::of(0, 0, 0), 'B' => Vector3::of(500, 0, 0), 'C' => Vector3::of(900, 0, 0)];
    (new DatumChooser(new RigidMotionFitter))->lay(new Network([], [], ['A' => 0, 'B' => 3, 'C' => 6]), $chart, $chart);
})->throws(CannotComputeSurvey::class, 'The measured base points A, B, C lie in one line');
