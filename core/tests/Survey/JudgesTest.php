<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Shuffled;

/** @param  list<Verdict>  $axes */
function judgedPoint(array $deviation, array $sigma, array $axes): PointResult
{
    return new PointResult(
        'P',
        Vector3::of(...$deviation),
        Vector3::of(...$sigma),
        Vector3::of(...$deviation),
        [true, true, true],
        $axes,
        Verdict::worst($axes),
        expanded: Vector3::of(...$sigma)->times(1.96),
    );
}

describe('a point', function () {
    it('has the worst verdict of its axes: out, unsure, in', function (array $axes, Verdict $verdict) {
        expect(Verdict::worst($axes))->toBe($verdict);
    })->with([
        'all in' => [[Verdict::In, Verdict::In, Verdict::In], Verdict::In],
        'one unsure' => [[Verdict::In, Verdict::Unsure, Verdict::In], Verdict::Unsure],
        'one out' => [[Verdict::Unsure, Verdict::In, Verdict::Out], Verdict::Out],
    ]);

    it('rests its verdict on the axis that reaches furthest into the tolerance', function (array $deviation, array $sigma, array $axes, int $axis) {
        expect(judgedPoint($deviation, $sigma, $axes)->decidingAxis([3.0, 3.0, 3.0]))->toBe($axis);
    })->with([
        'the only one out' => [[0.1, 7.8, 0.2], [0.5, 0.5, 0.5], [Verdict::In, Verdict::Out, Verdict::In], 1],
        'the worse of two out' => [[-9.0, 7.8, 0.2], [0.5, 0.5, 0.5], [Verdict::Out, Verdict::Out, Verdict::In], 0],
        'unsure by its uncertainty' => [[0.1, 0.2, 2.0], [4.0, 0.5, 0.8], [Verdict::Unsure, Verdict::In, Verdict::Unsure], 0],
        'all in' => [[0.1, -1.5, 0.2], [0.3, 0.3, 0.3], [Verdict::In, Verdict::In, Verdict::In], 1],
    ]);

    it('weighs each axis by its own tolerance', function () {
        $point = judgedPoint([4.0, 4.0, 0.0], [0.1, 0.1, 0.1], [Verdict::Out, Verdict::Out, Verdict::In]);
        expect($point->decidingAxis([1.0, 3.0, 3.0]))->toBe(0)
            ->and($point->decidingAxis([3.0, 1.0, 3.0]))->toBe(1);
    });

    it('that no reading touches has no verdict to rest', function () {
        $point = PointResult::unmeasured('P');
        expect($point->decidingAxis([3.0, 3.0, 3.0]))->toBeNull()
            ->and($point->verdict)->toBe(Verdict::Unmeasured)
            ->and($point->isDetermined())->toBeFalse();
    });
});

describe('a reading against all the others', function () {
    $compute = function (array $readings) {
        return (new SurveyComputer)->compute(Readings::ladder(5), Readings::survey($readings));
    };

    it('that agrees has its residual, and how far it is checked', function () use ($compute) {
        $truth = Readings::truth(Readings::ladder(5));
        $results = $compute(Readings::tour($truth, Readings::noise(111, 0.5)))->readings;
        foreach ($results as $result) {
            expect($result->status)->toBe(ReadingStatus::Used)
                ->and($result->redundancy)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0)
                ->and($result->error)->toBeNull();
            if ($result->checked) {
                expect($result->standardised)->toEqualWithDelta(
                    $result->residual / sqrt($result->redundancy),
                    1e-9,
                );
            }
        }
    });

    it('that is struck shows what it would have been, and has no weight', function () use ($compute) {
        $truth = Readings::truth(Readings::ladder(5));
        $readings = Readings::tour($truth);
        $wrong = new Reading('wrong', $readings[0]->kind, $readings[0]->value + 80.0, 1.0, 'wrong hole');
        $with = $compute([...$readings, $wrong]);
        $without = $compute($readings);
        $judged = $with->readings[count($readings)];
        expect($judged->status)->toBe(ReadingStatus::Struck)
            ->and($judged->residual)->toEqualWithDelta(-80.0, 1e-6)
            ->and($judged->redundancy)->toBeNull()
            ->and($with->point('EL')->measured)->toEqual($without->point('EL')->measured);
    });

    it('that is struck and names an unread point has nothing to show', function () use ($compute) {
        $truth = Readings::truth(Readings::ladder(5));
        $readings = array_values(array_filter(
            Readings::tour($truth),
            fn (Reading $reading): bool => ! array_intersect(['EL', 'ER'], $reading->kind->points()),
        ));
        $struck = Readings::true('tram DL EL', $truth);
        $result = $compute([...$readings, new Reading('struck', $struck->kind, $struck->value, 1.0, 'wrong')]);
        expect($result->readings[count($readings)]->adjusted)->toBeNull()
            ->and($result->point('EL')->verdict)->toBe(Verdict::Unmeasured);
    });

    it('that does not fit has the size of its mistake, freed from its own say', function (float $mistake) use ($compute) {
        $truth = Readings::truth(Readings::ladder(5));
        $readings = Readings::tour($truth);
        $readings[4] = new Reading('liar', $readings[4]->kind, $readings[4]->value + $mistake, 1.0);
        $judged = $compute($readings)->readings[4];
        expect($judged->status)->toBe(ReadingStatus::Suspect)
            ->and($judged->error)->toEqualWithDelta($mistake, 1e-3)
            ->and($judged->residual)->toEqualWithDelta(-$mistake, 1e-3);
    })->with([25.4, -25.4, 10.0, 100.0, -300.0]);

    it('stays in the order of the log', function () use ($compute) {
        $readings = Readings::tour(Readings::truth(Readings::ladder(5)));
        $readings = Shuffled::by(1, $readings);
        expect(array_map(fn ($result): string => $result->id, $compute($readings)->readings))
            ->toBe(array_map(fn (Reading $reading): string => $reading->id, $readings));
    });
});

describe('two honest readings beside one that lies', function () {
    it('are not accused with it', function (int $liar) {
        $frame = Readings::ladder(6);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth, Readings::noise(120 + $liar, 0.4));
        if ($readings[$liar]->kind::name() !== 'tram') {
            $liar++;
        }
        $readings[$liar] = new Reading('liar', $readings[$liar]->kind, $readings[$liar]->value + 31.0, 1.0);
        $result = (new SurveyComputer(new SurveyOptions))->compute($frame, Readings::survey($readings));
        $suspects = array_filter($result->readings, fn ($reading): bool => $reading->status === ReadingStatus::Suspect);
        expect(array_values(array_map(fn ($reading): string => $reading->id, $suspects)))->toBe(['liar']);
    })->with([1, 4, 12, 15, 23]);
});
