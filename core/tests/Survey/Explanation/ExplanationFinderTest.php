<?php

declare(strict_types=1);

use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Explanation\PooledReadings;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\Reason;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** The tour people start with: across, rails, diagonals of each bay, heights. */
function startedWith(array $errors, float $noise = 0.5, int $seed = 5): SurveyResult
{
    $frame = Readings::ladder(5, 3);
    $truth = Readings::truth($frame);
    $near = array_values(array_filter(Readings::tour($truth, Readings::noise($seed, $noise)), function (Reading $reading): bool {
        $points = $reading->kind->points();

        return count($points) === 1 || abs(ord($points[0]) - ord($points[1])) <= 1;
    }));
    $readings = array_map(fn (Reading $reading): Reading => new Reading($reading->id, $reading->kind, $reading->value + ($errors[$reading->id] ?? 0.0), $reading->sigma), $near);

    return (new SurveyComputer)->compute($frame, Readings::survey($readings));
}

/** @return list<list<string>> */
function suspectsTold(SurveyResult $result): array
{
    return array_map(fn (Explanation $one): array => $one->suspects(), $result->explanations);
}

it('has one explanation without suspects where all readings fit', function () {
    $result = startedWith([]);
    expect(suspectsTold($result))->toBe([[]])->and($result->isAmbiguous())->toBeFalse();
});

it('knows that on the starting tour several readings of a bay can be the wrong one, and tells the true one among them', function () {
    $result = startedWith(['tram CL DR' => 25.4]);
    $told = suspectsTold($result);
    expect(count($told))->toBeGreaterThan(1)
        ->and($told)->toContain(['tram CL DR'])
        ->and($result->beyond)->toBeFalse();
    foreach ($result->explanations as $explanation) {
        expect($explanation->mistakes)->toHaveCount(1);
    }
});

it('decides nothing on which the explanations differ, and says so', function () {
    $result = startedWith(['tram CL DR' => 25.4]);
    $reasons = array_merge(...array_map(fn ($point): array => $point->reasons, $result->points));
    expect($reasons)->toContain(Reason::Explanations);
    foreach ($result->points as $point) {
        foreach ($point->axes as $axis => $verdict) {
            [$min, $max] = $point->hull[$axis];
            // The frame is true: nothing is called out, and the hull holds the truth.
            expect($verdict)->not->toBe(Verdict::Out)
                ->and($min)->toBeLessThan(1.0)
                ->and($max)->toBeGreaterThan(-1.0);
        }
    }
});

it('leaves at the end no used reading that does not fit, and no suspect that does', function (float $error) {
    $result = startedWith(['tram BR CR' => $error, 'tram DL EL' => -$error]);
    foreach ($result->readings as $reading) {
        if ($reading->status === ReadingStatus::Used && $reading->checked) {
            expect(abs($reading->standardised))->toBeLessThanOrEqual(3.29 * 1.02);
        }
        if ($reading->status === ReadingStatus::Suspect) {
            expect(abs($reading->standardised))->toBeGreaterThan(3.29 * 0.98);
        }
    }
})->group('slow')->with([18.0, 40.0, 101.6]);

it('gives with a reading in the wrong unit what the job gives with it struck', function (string $id, float $factor) {
    $frame = Readings::ladder(5, 3);
    $readings = Readings::tour(Readings::truth($frame), Readings::noise(9, 0.7));
    $wrong = array_map(fn (Reading $reading): Reading => $reading->id === $id ? new Reading($id, $reading->kind, $reading->value * $factor, $reading->sigma) : $reading, $readings);
    $with = (new SurveyComputer)->compute($frame, Readings::survey($wrong));
    $without = (new SurveyComputer)->compute($frame, Readings::survey(array_values(array_filter($readings, fn (Reading $reading): bool => $reading->id !== $id))));
    expect($with->explanations[0]->suspects())->toBe([$id]);
    foreach ($with->points as $k => $point) {
        expect($point->measured->minus($without->points[$k]->measured)->norm())->toBeLessThan(1e-4)
            ->and($point->verdict)->toBe($without->points[$k]->verdict);
    }
})->with([
    'inches taken for millimetres' => ['tram BL CR', 1 / 25.4],
    'centimetres for millimetres' => ['tram CL CR', 0.1],
    'a height in inches, which lengths hardly check' => ['height EL', 1 / 25.4],
    'millimetres for centimetres' => ['tram AL AR', 10.0],
]);

it('takes two readings of one thing that agree for one observation, so that they do not outvote the rest', function () {
    $frame = Readings::ladder(5, 3);
    $truth = Readings::truth($frame);
    $readings = [...Readings::tour($truth), Readings::true('tram BL CR', $truth, 25.4, id: 'again'), Readings::true('tram BL CR', $truth, 25.4, id: 'once more')];
    $readings = array_map(fn (Reading $reading): Reading => $reading->id === 'tram BL CR' ? new Reading($reading->id, $reading->kind, $reading->value + 25.4, 1.0) : $reading, $readings);
    $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
    expect($result->explanations[0]->suspects())->toBe(['tram BL CR', 'again', 'once more'])
        ->and(Said::mm($result->explanations[0]->mistakes[0]->causes[0]->text))->toContain('Both readings of it have the same mistake');
});

it('pools what agrees and keeps apart what does not', function () {
    $at = Readings::truth(Readings::ladder(3));
    $a = Readings::true('tram AL BR', $at, 0.4, id: 'a');
    $b = Readings::true('tram AL BR', $at, -0.4, id: 'b');
    $c = Readings::true('tram AL BR', $at, 25.4, id: 'c');
    $together = PooledReadings::of([$a, $b], 3.29)->observations();
    expect($together)->toHaveCount(1)->and($together[0]->value)->toEqualWithDelta(($a->value + $b->value) / 2, 1e-9)->and($together[0]->sigma)->toEqualWithDelta(sqrt(0.5), 1e-12)
        ->and(PooledReadings::of([$a, $c], 3.29)->observations())->toHaveCount(2);
});
