<?php

declare(strict_types=1);

use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Survey\Explanation\GrossMistakes;
use Geodex\Core\Survey\Explanation\LeftOut;
use Geodex\Core\Survey\Explanation\Observed;
use Geodex\Core\Survey\Explanation\PooledReadings;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Readings;

describe('a set of readings left out', function () {
    /** @param  array<int, array{float, float}>  $rest  residual and redundancy of each */
    function leftWith(array $rest, array $set = [], array $mistakes = [], array $inverse = []): LeftOut
    {
        return new LeftOut($set, $mistakes, $inverse, 1.0, array_map(fn (array $one): float => $one[0], $rest), array_map(fn (array $one): float => $one[1], $rest));
    }

    it('names the reading that fits worst of those that are checked, over the critical value', function (array $rest, array $set, ?int $worst) {
        expect(leftWith($rest, $set)->worst(4.0, 0.25))->toBe($worst);
    })->with([
        'none' => [[[1.0, 0.5], [-1.0, 0.5]], [], null],
        // w = e / √r: 2 / 0.5 is 4.
        'just not' => [[[2.0, 0.25001], [0.0, 0.5]], [], null],
        'just' => [[[2.1, 0.27], [0.0, 0.5]], [], 0],
        'the worse of two' => [[[3.0, 0.5], [-4.0, 0.5], [3.5, 0.5]], [], 1],
        'the one less checked' => [[[3.0, 0.5], [2.5, 0.3]], [], 1],
        'not one that nothing checks' => [[[3.0, 0.25], [2.9, 0.5]], [], 1],
        'not one of the set' => [[[9.0, 0.5], [2.9, 0.5]], [0], 1],
        'exactly at the critical value' => [[[2.0, 0.25], [4.0, 1.0]], [], null],
    ]);

    it('contradicts the others where each of its mistakes is over the critical value', function (array $mistakes, bool $contradicts) {
        expect(leftWith([], [3, 5], $mistakes, [[4.0, 0.1], [0.1, 0.25]])->contradicts(4.0))->toBe($contradicts);
    })->with([[[8.5, 2.5], true], [[-8.5, -2.5], true], [[8.0, 2.5], false], [[8.5, 2.0], false], [[0.0, 0.0], false]]);

    it('standardises its mistakes by what they are unsure of', function () {
        $left = leftWith([], [3, 5], [8.0, -2.5], [[4.0, 0.1], [0.1, 0.25]]);
        expect([$left->standardised(0), $left->standardised(1)])->toBe([4.0, -5.0]);
    });
});

describe('repeats of one reading', function () {
    /** @param  list<array{float, float}>  $read  value and sigma */
    function pooled(array $read, float $critical = 4.0): PooledReadings
    {
        return PooledReadings::of(array_map(fn (array $one, int $i): Reading => new Reading("r$i", ReadingKinds::between('tram', $i % 2 === 0 ? ['A', 'B'] : ['B', 'A']), $one[0], $one[1]), $read, array_keys($read)), $critical);
    }

    it('are one observation at their weighted mean, with its sigma', function () {
        $observed = pooled([[1000.0, 1.0], [1003.0, 2.0]])->observations();
        // Weights 1 and 1/4.
        expect($observed)->toHaveCount(1)->and($observed[0]->id)->toBe('r0')->and($observed[0]->value)->toEqualWithDelta(1000.6, 1e-9)->and($observed[0]->sigma)->toEqualWithDelta(sqrt(0.8), 1e-12);
    });

    it('stay apart where they differ by more than their sigmas allow', function (array $read, int $observations) {
        expect(pooled($read)->observations())->toHaveCount($observations);
    })->with([
        // Two of sigma 1 are each half their difference off their mean, whose own share takes half off the variance: 4 √½ on either side.
        'just alike' => [[[1000.0, 1.0], [1005.65, 1.0]], 1],
        'just unlike' => [[[1000.0, 1.0], [1005.66, 1.0]], 2],
        'one of three' => [[[1000.0, 1.0], [1000.2, 1.0], [1009.0, 1.0]], 3],
        'three alike' => [[[1000.0, 1.0], [1000.2, 1.0], [1001.0, 1.0]], 1],
        'one alone' => [[[1000.0, 1.0]], 1],
    ]);

    it('stand behind their observation', function () {
        $pooled = PooledReadings::of([
            new Reading('a', ReadingKinds::between('tram', ['A', 'B']), 1000.0, 1.0), new Reading('b', ReadingKinds::between('height', ['C']), 200.0, 1.0),
            new Reading('c', ReadingKinds::between('tram', ['B', 'A']), 1000.4, 1.0), new Reading('d', ReadingKinds::between('height', ['D']), 210.0, 1.0),
        ], 3.29);
        $names = fn (array $group): array => array_map(fn (Reading $one): string => $one->id, $group);
        expect(array_map(fn (Reading $one): string => $one->id, $pooled->observations()))->toBe(['a', 'b', 'd'])
            ->and($names($pooled->behind(0)))->toBe(['a', 'c'])
            ->and($names($pooled->behind(2)))->toBe(['d']);
        // Without the second, which is wrong beyond doubt, the third is the second that is searched.
        $observed = new Observed($pooled, [1]);
        expect($names($observed->behind(0)))->toBe(['a', 'c'])->and($names($observed->behind(1)))->toBe(['d'])
            ->and(array_map($names, $observed->gross()))->toBe([['b']]);
    });
});

describe('gross mistakes', function () {
    /**
     * @param  array<string, float>  $off  mm, by call
     * @param  list<string>  $suspected  calls that the first screen named
     * @return list<string> those that the others contradict
     */
    function grossAmong(array $off, array $suspected, SurveyOptions $options = new SurveyOptions): array
    {
        $at = Readings::truth(Readings::ladder(4));
        $readings = array_map(fn (Reading $one): Reading => new Reading($one->id, $one->kind, $one->value + ($off[$one->id] ?? 0.0), 1.0), Readings::tour($at));
        $ids = array_map(fn (Reading $one): string => $one->id, $readings);
        $found = (new GrossMistakes(new NetworkAdjuster(new EnvelopeSolver), $options))->among(new Network($readings, $at), array_map(fn (string $id): int => (int) array_search($id, $ids, true), $suspected), $at);

        return array_map(fn (int $i): string => $ids[$i], $found);
    }

    it('are those that the others contradict, in the order in which they were suspected', function () {
        expect(grossAmong(['height BL' => 400.0, 'tram AL CR' => -300.0], ['tram AL CR', 'height BL']))->toBe(['tram AL CR', 'height BL'])
            ->and(grossAmong(['height BL' => 400.0], ['tram AL CR', 'height BL']))->toBe(['height BL'])
            ->and(grossAmong([], ['tram AL CR', 'height BL']))->toBe([]);
    });

    it('are put back where they are too many to be mistakes, or none is suspected', function () {
        $calls = array_map(fn (Reading $one): string => $one->id, Readings::tour(Readings::truth(Readings::ladder(4))));
        $trams = array_values(array_filter($calls, fn (string $call): bool => str_starts_with($call, 'tram')));
        $off = ['tram AL CR' => 300.0];
        // 32 readings, a quarter of which is eight.
        expect(count($calls))->toBe(32)
            ->and(grossAmong($off, ['tram AL CR', ...array_slice(array_values(array_diff($trams, ['tram AL CR'])), 0, 8)]))->toBe([])
            ->and(grossAmong($off, []))->toBe([]);
        $two = ['height BL' => 400.0, 'height CL' => 300.0];
        expect(grossAmong($two, array_keys($two), new SurveyOptions(maxShare: 1 / 32)))->toBe([])
            ->and(grossAmong($two, array_keys($two), new SurveyOptions(maxShare: 2 / 32)))->toBe(['height BL', 'height CL']);
    });

    it('have to be off by the critical value, in their own sigmas', function (float $off, bool $gross) {
        expect(grossAmong(['tram AL CR' => $off], ['tram AL CR']) !== [])->toBe($gross);
    })->with([[3.0, false], [20.0, true], [-20.0, true]]);
});
