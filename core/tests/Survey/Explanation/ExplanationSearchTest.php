<?php

declare(strict_types=1);

use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Explanation\ExplanationSearch;
use Geodex\Core\Survey\Explanation\LeftOut;
use Geodex\Core\Survey\Explanation\LeftOutAlgebra;
use Geodex\Core\Survey\SurveyOptions;

/** A made levelling network: rises between neighbours, some of them spoilt. */
function levelling(int $seed, array $spoilt): LeftOutAlgebra
{
    $random = new RandomSource($seed);
    $rows = $misclosures = [];
    for ($i = 0; $i < 6; $i++) {
        foreach ([1, 2] as $step) {
            if ($i + $step < 6) {
                $rows[] = [$i => -1.0, $i + $step => 1.0];
                $misclosures[] = $random->normal(0.6);
            }
        }
    }
    foreach ($spoilt as $i => $sigmas) {
        $misclosures[$i] += $sigmas;
    }
    $normals = (new EnvelopeSolver)->factor($rows, 6);

    return new LeftOutAlgebra($rows, $normals->cofactors(), $misclosures, $normals->freeDirections());
}

/** Every set of a size that explains the readings, by trying them all. */
function bruteForce(LeftOutAlgebra $algebra, int $size): array
{
    $n = count($algebra->residuals);
    $sets = $size === 1 ? array_map(fn (int $i): array => [$i], range(0, $n - 1)) : [];
    for ($i = 0; $size === 2 && $i < $n; $i++) {
        for ($j = $i + 1; $j < $n; $j++) {
            $sets[] = [$i, $j];
        }
    }

    return array_values(array_filter($sets, function (array $set) use ($algebra): bool {
        $left = $algebra->without($set, 0.05);

        return $left !== null && $left->worst(3.29, 0.05) === null && $left->contradicts(3.29);
    }));
}

/** @return array<string, LeftOut> */
function searched(LeftOutAlgebra $algebra, array $seed): array
{
    foreach ((new ExplanationSearch($algebra, new SurveyOptions))->bySize($seed) as $found) {
        if ($found !== []) {
            return array_combine(array_map(fn (LeftOut $one): string => implode(' ', $one->set), $found), $found);
        }
    }

    return [];
}

it('finds every single reading that explains a mistake, as trying all of them does', function (int $seed) {
    $algebra = levelling($seed, [4 => 14.0]);
    $found = searched($algebra, [4]);
    foreach (bruteForce($algebra, 1) as $set) {
        expect($found)->toHaveKey(implode(' ', $set));
    }
    expect(bruteForce($algebra, 1))->not->toBe([]);
})->with([1, 2, 3, 4, 5, 6]);

it('finds every pair that explains two mistakes, as trying all of them does', function (int $seed) {
    $algebra = levelling($seed, [1 => 16.0, 7 => -15.0]);
    if (bruteForce($algebra, 1) !== []) {
        expect(searched($algebra, [1, 7]))->not->toBe([]);

        return;
    }
    $found = searched($algebra, [1, 7]);
    foreach (bruteForce($algebra, 2) as $set) {
        expect($found)->toHaveKey(implode(' ', $set));
    }
})->with([11, 12, 13, 14, 15, 16]);

it('is content with nothing where everything fits', function () {
    $found = searched(levelling(1, []), []);
    expect(array_keys($found))->toBe([''])->and($found['']->set)->toBe([]);
});

it('tells the best fitting first', function () {
    $sums = array_map(fn (LeftOut $one): float => $one->weightedSum, array_values(searched(levelling(3, [4 => 14.0]), [4])));
    $sorted = $sums;
    sort($sorted);
    expect($sums)->toBe($sorted);
});

it('adds a reading that fails by chance to a set that would hold without it', function () {
    $algebra = levelling(2, [4 => 20.0]);
    $left = $algebra->without([4], 0.05);
    $search = new ExplanationSearch($algebra, new SurveyOptions);
    expect($search->withOneMore($left, 9.0))->toBe([]);
    expect($left)->not->toBeNull();
    foreach ($search->withOneMore($left, 3.4) as $more) {
        expect($more->set)->toContain(4)->and($more->worst(3.29 * 1.01, 0.05))->toBeNull();
    }
});
