<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Datum\BaseAgreement;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\SurveyOptions;

/** @return array<string, Vector3> base points of an unsymmetrical frame */
function baseChart(int $many = 6): array
{
    return array_slice([
        'AL' => Vector3::of(100, -390, 450), 'AR' => Vector3::of(130, 410, 430), 'BL' => Vector3::of(800, -420, 380),
        'BR' => Vector3::of(820, 380, 400), 'CL' => Vector3::of(1600, -400, 470), 'CR' => Vector3::of(1550, 430, 440),
    ], 0, $many);
}

/**
 * @param  array<string, array{float, float, float}>  $moved  mm off the chart
 * @param  ?list<list<float>>  $cofactors  mm²; a hundredth on the diagonal where not given
 */
function agreementOf(array $moved, int $many = 6, ?array $cofactors = null, float $built = 1.0): BaseAgreement
{
    $chart = baseChart($many);
    $at = $columns = [];
    foreach (array_keys($chart) as $i => $id) {
        $at[$id] = $chart[$id]->plus(Vector3::of(...$moved[$id] ?? [0.0, 0.0, 0.0]));
        $columns[$id] = 3 * $i;
    }
    $cofactors ??= array_map(fn (int $i): array => array_map(fn (int $j): float => $i === $j ? 0.01 : 0.0, range(0, 3 * $many - 1)), range(0, 3 * $many - 1));

    return new BaseAgreement(new Network([], [], $columns), $at, $cofactors, $chart, new SurveyOptions(buildScatter: $built));
}

/** @return list<list<float>> a full covariance, A Aᵀ of random A */
function fullCofactors(int $many, int $seed): array
{
    $random = new RandomSource($seed);
    $a = [];
    for ($i = 0; $i < 3 * $many; $i++) {
        for ($j = 0; $j < 3 * $many; $j++) {
            $a[$i][$j] = $random->normal(0.3);
        }
    }

    return array_map(fn (array $row): array => array_map(fn (array $other): float => array_sum(array_map(fn (float $p, float $q): float => $p * $q, $row, $other)), $a), $a);
}

/** Solves a small system by Gauss’ elimination. */
function solved(array $matrix, array $right): array
{
    $n = count($right);
    for ($k = 0; $k < $n; $k++) {
        for ($i = 0; $i < $n; $i++) {
            if ($i !== $k) {
                $share = $matrix[$i][$k] / $matrix[$k][$k];
                foreach ($matrix[$k] as $j => $value) {
                    $matrix[$i][$j] -= $share * $value;
                }
                $right[$i] -= $share * $right[$k];
            }
        }
    }

    return array_map(fn (int $k): float => $right[$k] / $matrix[$k][$k], range(0, $n - 1));
}

it('lays the rest on the chart and tests what is left at the point by all that is unsure of it', function (string $id, int $seed) {
    $moved = ['AL' => [1.0, -2.0, 0.5], 'AR' => [0.0, 1.0, -1.0], 'BL' => [-1.5, 0.5, 2.0], 'BR' => [4.0, -3.0, 6.0], 'CL' => [0.5, 0.5, -2.0], 'CR' => [-1.0, 2.0, 1.0]];
    $cofactors = fullCofactors(6, $seed);
    $chart = baseChart();
    $rest = array_values(array_diff(array_keys($chart), [$id]));
    $at = array_combine(array_keys($chart), array_map(fn (Vector3 $place, array $by): Vector3 => $place->plus(Vector3::of(...$by)), $chart, $moved));
    // The deviation as a function of every measured coordinate, and its derivatives by differences.
    $deviation = function (array $at) use ($rest, $id, $chart): array {
        $motion = (new RigidMotionFitter)->fit(array_map(fn (string $one): Vector3 => $at[$one], $rest), array_map(fn (string $one): Vector3 => $chart[$one], $rest));

        return $motion->apply($at[$id])->minus($chart[$id])->toArray();
    };
    $jacobian = [];
    foreach (array_keys($chart) as $i => $one) {
        foreach ([Vector3::of(1, 0, 0), Vector3::of(0, 1, 0), Vector3::of(0, 0, 1)] as $axis => $step) {
            $ahead = $deviation([...$at, $one => $at[$one]->plus($step->times(0.01))]);
            $behind = $deviation([...$at, $one => $at[$one]->minus($step->times(0.01))]);
            $jacobian[3 * $i + $axis] = array_map(fn (float $a, float $b): float => ($a - $b) / 0.02, $ahead, $behind);
        }
    }
    $covariance = array_fill(0, 3, array_fill(0, 3, 0.0));
    foreach ($jacobian as $i => $p) {
        foreach ($jacobian as $j => $q) {
            foreach ([0, 1, 2] as $r) {
                foreach ([0, 1, 2] as $c) {
                    $covariance[$r][$c] += $p[$r] * ($cofactors[$i][$j] + ($i === $j ? 2.25 : 0.0)) * $q[$c];
                }
            }
        }
    }
    $off = $deviation($at);
    $test = array_sum(array_map(fn (float $mm, float $w): float => $mm * $w, $off, solved($covariance, $off)));
    [$is, $expanded, $value] = agreementOf($moved, 6, $cofactors, 1.5)->off($rest, $id);
    expect($is->toArray())->toEqualWithDelta($off, 1e-9)
        ->and($expanded->toArray())->toEqualWithDelta(array_map(fn (int $k): float => 1.96 * sqrt($covariance[$k][$k]), [0, 1, 2]), 0.01)
        ->and($value)->toEqualWithDelta($test, 0.01 * $test);
})->with([['BR', 1], ['AL', 2], ['CR', 3]]);

it('sums up what all of them are off once laid on themselves, in sigmas of readings and scatter', function (float $built) {
    // With equal and independent coordinates Σ is (s² + b²) times a projection, so that dᵀ Σ⁺ d is |d|² over that.
    $moved = ['AL' => [3.0, 0.0, -2.0], 'BR' => [0.0, -4.0, 6.0], 'CL' => [1.0, 1.0, 1.0]];
    $chart = baseChart();
    $at = array_combine(array_keys($chart), array_map(fn (string $id): Vector3 => $chart[$id]->plus(Vector3::of(...$moved[$id] ?? [0.0, 0.0, 0.0])), array_keys($chart)));
    $motion = (new RigidMotionFitter)->fit(array_values($at), array_values($chart));
    $sum = array_sum(array_map(fn (string $id): float => $motion->apply($at[$id])->minus($chart[$id])->norm() ** 2, array_keys($chart)));
    expect(agreementOf($moved, built: $built)->contradiction(array_keys($chart)))->toEqualWithDelta($sum / (0.01 + $built ** 2), 1e-4 * $sum);
})->with([1.0, 2.0]);

it('has nothing to say of points in a line', function () {
    $agreement = agreementOf([]);
    expect($agreement->off(['AL', 'AL', 'AL'], 'CR'))->toBeNull()
        ->and($agreement->contradiction(['AL', 'AL', 'AL']))->toBeNull()
        ->and($agreement->isShape(['AL', 'AL', 'AL']))->toBeFalse()
        ->and($agreement->doubtful(['AL', 'AL', 'AL'], ['CR']))->toBeNull();
});

describe('whether base points agree', function () {
    /** How far up BR has to stand for its test to give just this value, the others in place. */
    function upBy(float $value, int $many): float
    {
        $base = array_keys(baseChart($many));
        $test = agreementOf(['BR' => [0.0, 0.0, 5.0]], $many)->off(array_values(array_diff($base, ['BR'])), 'BR')[2];

        return 5.0 * sqrt($value / $test);
    }

    it('is decided at 16.266, χ² of three degrees of freedom at 99.9 %', function (int $many, float $value, bool $agree) {
        $base = array_keys(baseChart($many));
        expect(agreementOf(['BR' => [0.0, 0.0, upBy($value, $many)]], $many)->agree($base))->toBe($agree)
            ->and(agreementOf(['BR' => [0.0, 0.0, -upBy($value, $many)]], $many)->agree($base))->toBe($agree);
    })->with([[6, 16.2, true], [6, 16.4, false], [6, 4.0, true], [6, 60.0, false], [4, 16.2, true], [4, 16.4, false]]);

    it('is decided for three by what they contradict each other together', function (float $apart, bool $agree) {
        // Only the lengths between three points can be wrong: one of 1600 mm is too long by so much.
        expect(agreementOf(['CL' => [$apart, 0.0, 0.0]])->agree(['AL', 'AR', 'CL']))->toBe($agree);
    })->with([[1.0, true], [40.0, false]]);

    it('names each one left out, by how much, unless one of them fits after all', function () {
        $agreement = agreementOf(['BR' => [0.0, 0.0, 20.0], 'CL' => [15.0, 0.0, 0.0]]);
        $doubtful = $agreement->doubtful(['AL', 'AR', 'BL', 'CR'], ['BR', 'CL']);
        expect(array_column($doubtful, 0))->toBe(['BR', 'CL'])
            ->and($doubtful[0][1]->toArray())->toEqualWithDelta([0.0, 0.0, 20.0], 0.01)
            ->and($doubtful[1][1]->toArray())->toEqualWithDelta([15.0, 0.0, 0.0], 0.01)
            ->and($doubtful[0][2]->z)->toBeGreaterThan(1.96)
            ->and($agreement->doubtful(['AL', 'AR', 'BL'], ['BR', 'CR']))->toBeNull()
            ->and($agreement->doubtful(['AL', 'AR', 'BL'], ['CR', 'BR']))->toBeNull();
    });
});

describe('one shape of the whole section', function () {
    /** @param  callable(float, float): array{float, float, float}  $shape  of station from the middle in m and offset in m */
    function shapedBy(callable $shape, array $more = []): bool
    {
        $chart = baseChart();
        $middle = array_sum(array_map(fn (Vector3 $place): float => $place->x, $chart)) / count($chart);
        $moved = [];
        foreach ($chart as $id => $place) {
            $by = Vector3::of(...$shape(($place->x - $middle) / 1000, $place->y / 1000))->plus(Vector3::of(...$more[$id] ?? [0.0, 0.0, 0.0]));
            $moved[$id] = $by->toArray();
        }

        return agreementOf($moved)->isShape(array_keys($chart));
    }

    it('explains what many points are off', function (callable $shape) {
        expect(shapedBy($shape))->toBeTrue();
    })->with([
        'a twist' => [fn (float $x, float $y): array => [0.0, 0.0, 40 * $x * $y]],
        'a twist the other way' => [fn (float $x, float $y): array => [0.0, 0.0, -40 * $x * $y]],
        'a sag' => [fn (float $x, float $y): array => [0.0, 0.0, 25 * $x * $x]],
        'a bow' => [fn (float $x, float $y): array => [0.0, -25 * $x * $x, 0.0]],
        'a diamond' => [fn (float $x, float $y): array => [20 * $y, 0.0, 0.0]],
    ]);

    it('does not explain one bent point, nor a shape with one', function (callable $shape, array $more) {
        expect(shapedBy($shape, $more))->toBeFalse();
    })->with([
        'one point up' => [fn (): array => [0.0, 0.0, 0.0], ['BR' => [0.0, 0.0, 25.0]]],
        'one point in' => [fn (): array => [0.0, 0.0, 0.0], ['AL' => [0.0, 25.0, 0.0]]],
        'a twist and a bent point' => [fn (float $x, float $y): array => [0.0, 0.0, 40 * $x * $y], ['BR' => [0.0, 20.0, 0.0]]],
        'a cube of the station' => [fn (float $x, float $y): array => [0.0, 90 * $x ** 3, 90 * $x ** 3], []],
    ]);
});
