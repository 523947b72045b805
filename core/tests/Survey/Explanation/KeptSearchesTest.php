<?php

declare(strict_types=1);

use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Explanation\ExplanationSearch;
use Geodex\Core\Survey\Explanation\LeftOut;
use Geodex\Core\Survey\Explanation\LeftOutAlgebra;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Kept;

/**
 * A made levelling line of eight points with every rise over one and over two, some of them spoilt by so many sigmas.
 *
 * @param  array<int, float>  $spoilt
 */
function levellingLine(int $seed, array $spoilt): LeftOutAlgebra
{
    $random = new RandomSource($seed);
    $rows = $misclosures = [];
    foreach ([1, 2] as $step) {
        for ($i = 0; $i + $step < 8; $i++) {
            $weight = 0.6 + 0.4 * ($i % 3);
            $rows[] = [$i => -$weight, $i + $step => $weight];
            $misclosures[] = $random->normal(1.2) + ($spoilt[count($rows) - 1] ?? 0.0);
        }
    }
    $normals = (new EnvelopeSolver)->factor($rows, 8);

    return new LeftOutAlgebra($rows, $normals->cofactors(), $misclosures, $normals->freeDirections());
}

/** @return list<array{list<int>, float}> */
function setsOf(array $found): array
{
    return array_map(fn (LeftOut $one): array => [$one->set, $one->weightedSum], $found);
}

it('finds the sets that are kept, size by size, and what more explains what is left', function (string $name, array $spoilt) {
    $searches = [];
    foreach (range(1, 6) as $seed) {
        $algebra = levellingLine($seed, $spoilt);
        $search = new ExplanationSearch($algebra, new SurveyOptions);
        $sizes = array_map(setsOf(...), iterator_to_array($search->bySize(array_keys($spoilt)), false));
        $left = $algebra->without(array_slice(array_keys($spoilt), 0, 1), 0.05);
        $searches[$seed] = [$sizes, $left === null ? null : array_map(fn (float $w): array => setsOf($search->withOneMore($left, $w)), [3.3, 4.2, -4.2, 4.4])];
    }
    Kept::same("search-$name", $searches);
})->with([
    ['none', []],
    ['one', [3 => 9.0]],
    ['one-hardly', [6 => 5.0]],
    ['one-gross', [11 => 260.0]],
    ['two-apart', [1 => 9.0, 11 => -8.0]],
    ['two-at-a-point', [0 => 10.0, 1 => 11.0]],
    ['three', [2 => 12.0, 9 => -11.0, 12 => 14.0]],
    ['three-of-a-kind', [8 => 20.0, 9 => 20.0, 10 => -20.0]],
    ['four', [0 => 30.0, 4 => -25.0, 8 => 20.0, 12 => -35.0]],
]);
