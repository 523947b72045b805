<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\RegionFinder;
use Geodex\Core\Reference\SourceRegion;

/**
 * A rail with rows every 700 mm: what two sources differ by there, and how well the readings fit either.
 *
 * @param  array<string, float>  $differences  mm
 * @param  array<string, array{float, float, float}>  $fits
 * @return list<string>
 */
function regionsAlong(array $differences, array $fits = []): array
{
    $places = [];
    foreach (array_keys($differences) as $id) {
        $places[$id] = Vector3::of(700 * (ord($id[0]) - ord('A')), $id[strlen($id) - 1] === 'R' ? 400 : -400, 300);
    }
    $regions = (new RegionFinder)->find($places, array_map(fn (float $mm): Vector3 => Vector3::of(0, 0, $mm), $differences), $fits);

    return array_map(fn (SourceRegion $region): string => "$region->from..$region->to {$region->side->value} $region->worst ".implode('+', $region->points), $regions);
}

it('joins rows on which the sources agree, up to three millimetres and no further, and keeps the worst of them', function () {
    expect(regionsAlong(['AL' => 1.0, 'AR' => 3.0, 'BL' => -2.0, 'BR' => 0.0, 'CL' => 3.01, 'CR' => 0.0]))
        ->toBe(['A..B agree 3 AL+AR+BL+BR', 'C..C open 3.01 CL+CR']);
});

it('begins a new region where the side changes, and not where it stays', function () {
    expect(regionsAlong(['AL' => 9.0, 'AR' => 8.0, 'BL' => 1.0, 'BR' => 1.0, 'CL' => 5.0, 'CR' => 5.0, 'DL' => 7.0, 'DR' => 6.0]))
        ->toBe(['A..A open 9 AL+AR', 'B..B agree 1 BL+BR', 'C..D open 7 CL+CR+DL+DR']);
});

it('sides with the source that fits clearly better: by more than nine, three sigmas', function (array $left, array $right, string $side) {
    expect(regionsAlong(['AL' => 20.0, 'AR' => 20.0], ['AL' => $left, 'AR' => $right])[0])->toStartWith("A..A $side ");
})->with([
    'the first' => [[2.0, 8.0, 3.0], [3.0, 7.0, 3.0], 'first'],
    'the second' => [[8.0, 2.0, 3.0], [7.0, 2.0, 3.0], 'second'],
    'nine is not enough' => [[2.0, 6.5, 3.0], [2.0, 6.5, 3.0], 'open'],
    'a little over nine' => [[2.0, 6.6, 3.0], [2.0, 6.6, 3.0], 'first'],
    'one point alone' => [[0.0, 9.1, 3.0], [0.0, 0.0, 0.0], 'first'],
    // Six terms: 6 + 9 √12 / 2 = 21.59, twice that is 43.18.
    'neither, where even the better is poor' => [[22.0, 60.0, 3.0], [22.0, 60.0, 3.0], 'neither'],
    'the better one is just good enough' => [[21.5, 60.0, 3.0], [21.5, 60.0, 3.0], 'first'],
    'neither, the other way round' => [[60.0, 22.0, 3.0], [60.0, 22.0, 3.0], 'neither'],
]);

it('cannot tell where no reading touches the row', function () {
    expect(regionsAlong(['AL' => 20.0, 'AR' => 20.0], ['BL' => [0.0, 99.0, 3.0]]))->toBe(['A..A open 20 AL+AR']);
});

it('names a row by what its points have in common, and a point alone by itself', function (array $ids, string $name) {
    expect(regionsAlong(array_fill_keys($ids, 0.0))[0])->toStartWith("$name..$name ");
})->with([
    'letters' => [['AL', 'AR'], 'A'],
    'with a dash' => [['A-L', 'A-R'], 'A'],
    'with an underscore and a number' => [['A12_L', 'A12_R'], 'A12'],
    'alone' => [['AL'], 'AL'],
    'a row of three' => [['A1L', 'A2R', 'A3R'], 'A'],
]);

it('takes the first name where two of one row have nothing in common', function () {
    $places = ['PL' => Vector3::of(0, -400, 0), 'QR' => Vector3::of(10, 400, 0)];
    $regions = (new RegionFinder)->find($places, array_map(fn (): Vector3 => Vector3::of(1, 0, 0), $places), []);
    expect($regions)->toHaveCount(1)
        ->and($regions[0]->from)->toBe('PL')
        ->and($regions[0]->points)->toBe(['PL', 'QR']);
});

it('leaves out what has no difference', function () {
    $places = ['AL' => Vector3::of(0, -400, 0), 'BL' => Vector3::of(700, -400, 0)];
    expect((new RegionFinder)->find($places, ['BL' => Vector3::of(0, 0, 1)], []))->toHaveCount(1)
        ->and((new RegionFinder)->find($places, [], []))->toBe([]);
});
