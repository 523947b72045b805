<?php

declare(strict_types=1);

use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Alternative;
use Geodex\Core\Survey\Covariance;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\RigidMotions;
use Geodex\Core\Survey\PointJudge;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Reason;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\Verdict;

/** A point whose chart position is 1000, 200, 300 and which may be 2, 3 and 4 mm off. */
function judgedPlace(bool $isCharted = true): Point
{
    return new Point('P', 'P', Side::Left, null, null, $isCharted ? Vector3::of(1000, 200, 300) : null, Tolerance::of(2.0, 3.0, 4.0), false);
}

/**
 * @param  array{float, float, float}  $sigmas  mm
 * @param  array<int, array<int, float>>  $loose  by column 3, 4, 5
 * @param  array<int, array<int, float>>  $reference  mm²
 */
function covarianceOf(array $sigmas, array $loose = [], array $reference = [], array $unread = []): Covariance
{
    $columns = ['O' => 0, 'P' => 3];
    $held = ['A' => Vector3::of(0, 0, 0), 'B' => Vector3::of(1000, 0, 0), 'C' => Vector3::of(0, 500, 0)];
    $matrix = array_fill(0, 6, array_fill(0, 6, 0.0));
    foreach ($sigmas as $axis => $sigma) {
        $matrix[3 + $axis][3 + $axis] = $sigma ** 2;
    }

    return new Covariance(
        columns: $columns,
        matrix: $matrix,
        motions: new RigidMotions(new Network([], [], ['A' => 0, 'B' => 3, 'C' => 6]), $held, ['A', 'B', 'C']),
        loose: $loose,
        reference: $reference,
        unread: $unread,
    );
}

/** @param  list<Alternative>  $others */
function verdictOn(array $off, Covariance $covariance, array $others = [], bool $beyond = false): PointResult
{
    // Twice sigma, so that limits can be met exactly.
    return (new PointJudge(new SurveyOptions(coverage: 2.0)))->judge(judgedPlace(), Vector3::of(1000.0 + $off[0], 200.0 + $off[1], 300.0 + $off[2]), $covariance, $others, $beyond);
}

/** @return list<string> verdict and reason by axis */
function verdictsOf(PointResult $point): array
{
    return array_map(fn (Verdict $verdict, ?Reason $reason): string => trim("$verdict->value {$reason?->value}"), $point->axes, $point->reasons);
}

it('is decided axis by axis, each with its own tolerance and uncertainty', function (array $off, array $sigmas, array $said) {
    expect(verdictsOf(verdictOn($off, covarianceOf($sigmas))))->toBe($said);
})->with([
    'just within' => [[1.0, -2.0, 3.0], [0.5, 0.5, 0.5], ['in', 'in', 'in']],
    'a hair over' => [[1.25, -2.25, 3.25], [0.5, 0.5, 0.5], ['unsure close to the tolerance', 'unsure close to the tolerance', 'unsure close to the tolerance']],
    'just not out' => [[3.0, -4.0, 5.0], [0.5, 0.5, 0.5], ['unsure close to the tolerance', 'unsure close to the tolerance', 'unsure close to the tolerance']],
    'out' => [[3.25, -4.25, 5.25], [0.5, 0.5, 0.5], ['out', 'out', 'out']],
    'as unsure as allowed' => [[0.5, 0.5, 0.5], [1.0, 1.5, 2.0], ['unsure close to the tolerance', 'unsure close to the tolerance', 'unsure close to the tolerance']],
    'too few readings' => [[0.5, 0.5, 0.5], [1.25, 1.75, 2.25], ['unsure too few readings', 'unsure too few readings', 'unsure too few readings']],
    'three times as unsure' => [[0.5, 0.5, 0.5], [3.0, 4.5, 6.0], ['unsure too few readings', 'unsure too few readings', 'unsure too few readings']],
    'more than that' => [[90.0, 90.0, 90.0], [3.25, 4.75, 6.25], ['unsure weak direction', 'unsure weak direction', 'unsure weak direction']],
]);

it('tells place, sigma, interval and hull of each axis', function () {
    $point = verdictOn([1.0, -2.0, 3.0], covarianceOf([0.5, 0.25, 0.75]));
    expect($point->measured)->toEqual(Vector3::of(1001, 198, 303))
        ->and($point->deviation)->toEqual(Vector3::of(1, -2, 3))
        ->and($point->sigma)->toEqual(Vector3::of(0.5, 0.25, 0.75))
        ->and($point->expanded)->toEqual(Vector3::of(1.0, 0.5, 1.5))
        ->and($point->hull)->toBe([[0.0, 2.0], [-2.5, -1.5], [1.5, 4.5]])
        ->and($point->determined)->toBe([true, true, true])
        ->and($point->reasons)->toBe([null, null, Reason::Close])
        ->and($point->verdict)->toBe(Verdict::Unsure);
});

it('adds what the reference is unsure of', function () {
    $point = verdictOn([0.0, 0.0, 0.0], covarianceOf([0.3, 0.0, 0.5], reference: [3 => [3 => 0.16], 5 => [5 => 1.44]]));
    expect($point->sigma->toArray())->toEqualWithDelta([0.5, 0.0, 1.3], 1e-12);
});

it('decides nothing along what the readings leave free', function (array $loose, array $determined) {
    $point = verdictOn([0.0, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5], $loose));
    expect($point->determined)->toBe($determined);
    foreach ($determined as $axis => $holds) {
        expect($point->axes[$axis])->toBe($holds ? Verdict::In : Verdict::Unsure)
            ->and($point->hull[$axis])->toBe($holds ? [-1.0, 1.0] : [-INF, INF])
            ->and($point->reasons[$axis])->toBe($holds ? null : Reason::TooFew);
    }
})->with([
    'up' => [[[0.0, 0.0, 0.0, 0.0, 0.0, 1.0]], [true, true, false]],
    'along a slant' => [[[0.0, 0.0, 0.0, 0.6, 0.8, 0.0]], [false, false, true]],
    'two ways' => [[[0.0, 0.0, 0.0, 0.0, -1.0, 0.0], [1.0, 0.0, 0.0, 1.0, 0.0, 0.0]], [false, false, true]],
    'no more than by rounding' => [[[0.0, 0.0, 0.0, 1e-6, -1e-6, 1e-7]], [true, true, true]],
    'another point' => [[[1.0, 1.0, 1.0, 0.0, 0.0, 0.0]], [true, true, true]],
]);

it('decides nothing along what no reading reads', function () {
    expect(verdictsOf(verdictOn([0.0, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5], unread: [5 => true]))))->toBe(['in', 'in', 'unsure too few readings']);
});

it('decides nothing where there are more explanations than can be told', function () {
    expect(verdictsOf(verdictOn([0.0, 30.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), beyond: true)))->toBe(array_fill(0, 3, 'unsure more than one explanation'));
});

describe('with another way to understand the readings', function () {
    /** @param  ?list<float>  $off  what it says the point is off; null where it does not place it */
    function otherWay(?array $off, int $explanation = 1, float $variance = 0.25, array $folded = []): Alternative
    {
        $chart = $off === null ? [] : ['P' => Vector3::of(1000.0 + $off[0], 200.0 + $off[1], 300.0 + $off[2])];

        return new Alternative($explanation, [], [], $chart, [3 => $variance, 4 => $variance, 5 => $variance], $folded);
    }

    it('is decided where both say the same, over the interval of both', function () {
        $point = verdictOn([0.0, 8.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), [otherWay([0.5, 9.0, -0.5], variance: 0.0625)]);
        expect(verdictsOf($point))->toBe(['in', 'out', 'in'])
            ->and($point->hull)->toBe([[-1.0, 1.0], [7.0, 9.5], [-1.0, 1.0]]);
    });

    it('is undecided where they differ, and says why', function (Alternative $other, string $why) {
        expect(verdictsOf(verdictOn([0.0, 8.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), [$other])))->toBe(['in', "unsure $why", 'in']);
    })->with([
        'another reading is wrong' => [otherWay([0.0, 1.0, 0.0]), 'more than one explanation'],
        'a mirror solution' => [otherWay([0.0, 1.0, 0.0], 0, folded: ['P']), 'a mirror solution fits as well'],
        'another datum' => [otherWay([0.0, 1.0, 0.0], 0), 'datum in doubt'],
    ]);

    it('names the first of several reasons, and the reason of its own only where they agree', function () {
        $both = [otherWay([0.0, 1.0, 0.0], 0), otherWay([0.0, 1.0, 0.0])];
        expect(verdictsOf(verdictOn([0.0, 8.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), $both))[1])->toBe('unsure datum in doubt')
            ->and(verdictsOf(verdictOn([1.5, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), [otherWay([1.5, 0.0, 0.0])]))[0])->toBe('unsure close to the tolerance')
            ->and(verdictsOf(verdictOn([1.5, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), [otherWay([0.5, 0.0, 0.0])]))[0])->toBe('unsure more than one explanation');
    });

    it('is undecided where the other does not place it, and goes on to the next', function () {
        $point = verdictOn([0.0, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), [otherWay(null, 0), otherWay([0.0, 6.0, 0.0])]);
        expect(verdictsOf($point))->toBe(array_fill(0, 3, 'unsure datum in doubt'))
            ->and($point->hull[1])->toBe([-1.0, 7.0]);
    });

    it('has the interval of the other from its own variance, with that of the reference', function () {
        $point = verdictOn([0.0, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5], reference: [4 => [4 => 1.44]]), [otherWay([0.0, 0.5, 0.0], variance: 0.25)]);
        // √(0.25 + 1.44) = 1.3, twice that about 0.5.
        expect($point->hull[1][1])->toEqualWithDelta(3.1, 1e-12)
            ->and(verdictOn([0.0, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), [otherWay([0.5, 0.0, 0.0], variance: -1e-9)])->hull[0])->toBe([-1.0, 1.0]);
    });

    it('is undecided where one of the two is too unsure to be trusted', function () {
        expect(verdictsOf(verdictOn([9.0, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), [otherWay([9.0, 0.0, 0.0], variance: 9.01)]))[0])->toBe('unsure more than one explanation')
            ->and(verdictsOf(verdictOn([9.0, 0.0, 0.0], covarianceOf([0.5, 0.5, 0.5]), [otherWay([9.0, 0.0, 0.0], variance: 9.0)]))[0])->toBe('out');
    });
});

it('says where a point is that no chart has, and how sure that is, and decides nothing', function () {
    $point = (new PointJudge(new SurveyOptions(coverage: 2.0)))->judge(judgedPlace(false), Vector3::of(1001, 202, 303), covarianceOf([0.5, 1.5, 2.5], [[0.0, 0.0, 0.0, 0.0, 0.0, 1.0]]));
    expect($point->sigma)->toEqual(Vector3::of(0.5, 1.5, 2.5))
        ->and($point->expanded)->toEqual(Vector3::of(1, 3, 5))
        ->and($point->determined)->toBe([true, true, false])
        ->and($point->measured)->toEqual(Vector3::of(1001, 202, 303))
        ->and([$point->deviation, $point->axes, $point->verdict, $point->reasons])->toBe([null, [], Verdict::Unsure, [Reason::NoChart]]);
});

it('has nothing to say of a point that was not read', function (?Vector3 $measured, array $columns) {
    $covariance = covarianceOf([0.5, 0.5, 0.5]);
    $without = new Covariance($columns, $covariance->matrix, $covariance->motions, []);
    expect((new PointJudge(new SurveyOptions))->judge(judgedPlace(), $measured, $without)->verdict)->toBe(Verdict::Unmeasured);
})->with([[null, ['O' => 0, 'P' => 3]], [Vector3::of(1000, 200, 300), ['O' => 0]], [null, []]]);

it('is as unsure along any line as its covariance says', function () {
    $covariance = covarianceOf([3.0, 4.0, 0.0], reference: [3 => [3 => 7.0]]);
    expect($covariance->sigma([3 => 1.0]))->toBe(4.0)
        ->and($covariance->sigma([4 => -0.5]))->toBe(2.0)
        ->and($covariance->sigma([3 => 0.75, 4 => 1.0]))->toBe(5.0)
        ->and($covariance->sigma([]))->toBe(0.0)
        ->and($covariance->variance(3))->toBe(16.0)
        ->and($covariance->referenceVariance(3))->toBe(7.0)
        ->and($covariance->referenceVariance(4))->toBe(0.0);
});
