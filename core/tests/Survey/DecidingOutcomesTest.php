<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Alternative;
use Geodex\Core\Survey\DecidingReadings;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Explanation\Mistake;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Outcome;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Tests\Support\Readings;

/**
 * A sound survey of a ladder of four rows, told in several ways: where points stand besides, and which readings are wrong then.
 *
 * @param  list<array{array<string, Vector3>, list<string>}>  $ways  the first is what is told first
 * @param  list<array{list<string>, array<string, Vector3>, int}>  $folds  points folded, how far they are off, and the explanation
 */
function toldInWays(array $ways, array $folds = [], ?callable $keep = null): SurveyResult
{
    $frame = Readings::ladder(4);
    $readings = array_values(array_filter(Readings::tour(Readings::truth($frame)), $keep ?? fn (): bool => true));
    $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
    $moved = function (array $moved) use ($result): array {
        $bench = $result->solved->bench;
        foreach ($moved as $id => $by) {
            $bench[$id] = $bench[$id]->plus($by);
        }

        return $bench;
    };
    $explanations = array_map(fn (array $way): Explanation => new Explanation(array_map(fn (string $id): Mistake => new Mistake($id, 9.0, 1.0, []), $way[1]), 1.0, $moved($way[0]), $result->explanations[0]->left), $ways);
    $alternatives = array_map(fn (array $fold): Alternative => new Alternative($fold[2], $result->base, $moved($fold[1]), [], [], $fold[0]), $folds);

    return new SurveyResult(network: $result->network, points: $result->points, readings: $result->readings, base: $result->base, covariance: $result->covariance, solved: $result->solved, explanations: $explanations, alternatives: $alternatives);
}

/**
 * @param  list<string>  $candidates  calls
 * @param  list<Reading>  $taken
 * @param  list<string>  $blocked
 * @return list<NextReading>
 */
function deciding(SurveyResult $result, array $candidates, array $taken = [], array $blocked = [], int $suggestions = 5): array
{
    $kinds = array_map(function (string $call): ReadingKind {
        $words = explode(' ', $call);

        return ReadingKinds::between($words[0], array_slice($words, 1));
    }, $candidates);

    return (new DecidingReadings(new SurveyOptions(suggestions: $suggestions)))->rank(new Survey('before', SurveyStage::Before, $taken, $blocked), $result, fn (): array => $kinds);
}

/** @return list<string> */
function decidingCalls(array $next): array
{
    return array_map(fn (NextReading $one): string => "$one->kind ".implode(' ', $one->points), $next);
}

// A height is good to 1 mm.
it('tells two explanations apart from four sigmas on', function (float $apart, bool $tells) {
    $result = toldInWays([[[], ['a']], [['DL' => Vector3::of(0, 0, $apart)], ['b']]]);
    expect(deciding($result, ['height DL']) !== [])->toBe($tells);
})->with([[4.001, true], [-4.001, true], [3.999, false], [0.0, false]]);

it('says what each result would mean, ascending', function () {
    $result = toldInWays([[[], ['a']], [['DL' => Vector3::of(0, 0, -20)], ['b', 'c']], [['DL' => Vector3::of(0, 0, 2)], ['d']], [['DL' => Vector3::of(0, 0, 30)], []]]);
    $next = deciding($result, ['height DL'])[0];
    $here = $result->solved->bench['DL']->z;
    expect($next->because)->toBe(ReasonToRead::Deciding)->and($next->gain)->toBe(1.0)->and($next->settles)->toBe(0)
        ->and($next->expected)->toEqualWithDelta($here, 1e-9)
        ->and(array_map(fn (Outcome $one): float => round($one->value - $here, 6), $next->outcomes))->toBe([-20.0, 1.0, 30.0])
        ->and(array_map(fn (Outcome $one): array => $one->wrong, $next->outcomes))->toBe([[['b', 'c']], [['a'], ['d']], [[]]])
        ->and(array_map(fn (Outcome $one): array => $one->folded, $next->outcomes))->toBe([[], [], []]);
});

it('puts first what tells more of them apart, then what tells them further apart, then what is nearer', function () {
    $result = toldInWays([[[], ['a']], [['DL' => Vector3::of(6.5, 0, 30)], ['b']], [['DL' => Vector3::of(0, 0, 60), 'DR' => Vector3::of(0, 0, 9)], ['c']]]);
    expect(decidingCalls(deciding($result, ['height DR', 'tram CL DL', 'height DL'])))->toBe(['height DL', 'height DR', 'tram CL DL']);
    // Past twelve sigmas a larger gap is no better.
    $far = toldInWays([[[], ['a']], [['DL' => Vector3::of(0, 0, 40), 'BL' => Vector3::of(0, 0, 13)], ['b']]]);
    expect(decidingCalls(deciding($far, ['rise AL DL', 'rise CL DL', 'rise AL BL', 'height DL'])))->toBe(['height DL', 'rise AL BL', 'rise CL DL', 'rise AL DL']);
    $less = toldInWays([[[], ['a']], [['DL' => Vector3::of(0, 0, 11.5), 'BL' => Vector3::of(0, 0, 11)], ['b']]]);
    expect(decidingCalls(deciding($less, ['height BL', 'height DL'])))->toBe(['height DL', 'height BL']);
});

it('names as many as are asked for, and none where there is one explanation', function () {
    $result = toldInWays([[[], ['a']], [['DL' => Vector3::of(0, 0, 30)], ['b']]]);
    expect(deciding($result, ['height DL', 'rise CL DL', 'rise AL DL'], suggestions: 2))->toHaveCount(2)
        ->and(deciding(toldInWays([[[], ['a']]]), ['height DL']))->toBe([]);
});

it('asks for a suspect once more, unless it was read twice or cannot be reached', function () {
    $result = toldInWays([[[], ['t1']], [['DL' => Vector3::of(30, 0, 0)], ['t2']]]);
    $at = $result->solved->bench;
    $one = new Reading('t1', ReadingKinds::between('tram', ['CL', 'DL']), 700.0, 1.0);
    $two = new Reading('t2', ReadingKinds::between('tram', ['DL', 'CL']), 700.4, 1.0);
    $other = new Reading('t3', ReadingKinds::between('tram', ['BL', 'DL']), 1400.0, 1.0);
    expect(decidingCalls(deciding($result, [], [$one, $other])))->toBe(['tram CL DL'])
        ->and(deciding($result, [], [$one, $two]))->toBe([])
        ->and(deciding($result, [], [$one, $other], ['tram CL DL']))->toBe([])
        ->and(deciding($result, [], [$other]))->toBe([])
        ->and($at['DL']->x)->toBeGreaterThan($at['CL']->x);
});

it('does not count a reading that could be met by moving the whole frame on the bench', function () {
    $ways = [[[], ['a']], [['DL' => Vector3::of(0, 30, 30)], ['b']]];
    $lengths = fn (Reading $reading): bool => $reading->kind::name() === 'tram';
    expect(decidingCalls(deciding(toldInWays($ways, keep: $lengths), ['height DL', 'offset DL', 'tram CR DL'])))->toBe(['tram CR DL'])
        ->and(decidingCalls(deciding(toldInWays($ways), ['height DL'])))->toBe(['height DL']);
});

it('leaves out a reading that one explanation gives no direction', function () {
    $result = toldInWays([[[], ['a']], [['DL' => Vector3::of(-700, 0, 0), 'CL' => Vector3::of(0, 0, 0)], ['b']]]);
    $bench = $result->explanations[1]->bench;
    $same = new SurveyResult($result->network, $result->points, $result->readings, $result->base, $result->covariance, $result->solved, [$result->explanations[0], new Explanation([], 1.0, [...$bench, 'DL' => $bench['CL']], $result->explanations[0]->left)]);
    expect(decidingCalls(deciding($same, ['tram CL DL', 'height DL'])))->toBe(['height DL']);
});

describe('mirror solutions', function () {
    it('are told apart by a reading that sees the fold, and are named by the points that are folded', function () {
        $next = deciding(toldInWays([[[], []]], [[['DL', 'DR'], ['DL' => Vector3::of(0, 0, -40)], 0]]), ['height DL'])[0];
        expect(array_map(fn (Outcome $one): array => $one->folded, $next->outcomes))->toBe([['DL', 'DR'], []]);
    });

    it('are told apart by heights together where no one reading does: of three base points and of the folded', function () {
        $result = toldInWays([[[], []]], [[['DL'], ['DL' => Vector3::of(0, 0, -1)], 0], [['AL'], ['AL' => Vector3::of(0, 0, 1)], 0]]);
        $height = Readings::true('height BL', $result->solved->bench);
        expect($result->base)->toBe(['AL', 'AR', 'BL', 'BR', 'CL', 'CR'])
            ->and(decidingCalls(deciding($result, [])))->toBe(['height AR', 'height BL', 'height BR', 'height DL', 'height AL'])
            ->and(decidingCalls(deciding($result, [], [$height], ['height AR'])))->toBe(['height BR', 'height DL', 'height AL'])
            ->and(decidingCalls(deciding($result, [], suggestions: 3)))->toBe(['height AR', 'height BL', 'height BR'])
            ->and(deciding($result, [])[0]->expected)->toBeNull();
    });

    it('ask for nothing together where nothing is folded', function () {
        expect(deciding(toldInWays([[[], ['a']], [[], ['b']]]), ['height DL']))->toBe([]);
    });
});
