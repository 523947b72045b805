<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\NextReadingAdviser;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\OffsetReading;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\RiseReading;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;

/** Summed variance of the coordinates that $before leaves undecided. */
function undecidedVariance(SurveyResult $before, SurveyResult $now): float
{
    $sum = 0.0;
    foreach ($before->points as $point) {
        foreach ($point->axes as $axis => $verdict) {
            if ($verdict === Verdict::Unsure) {
                $sum += $now->point($point->id)->sigma->toArray()[$axis] ** 2;
            }
        }
    }

    return $sum;
}

/**
 * The best reading found the slow way: take every candidate, compute the survey anew, compare.
 *
 * @return array{string, float} call and gain
 */
function bestByTrying(Frame $frame, Survey $survey, SurveyOptions $options): array
{
    $computer = new SurveyComputer($options);
    $before = $computer->compute($frame, $survey);
    $taken = array_map(fn (Reading $reading): string => $reading->kind->key(), $survey->readings);
    $at = $before->solved->bench;
    $best = ['', -1.0];
    $ids = array_keys($at);
    foreach ($ids as $i => $from) {
        $kinds = [HeightReading::between([$from], null), OffsetReading::between([$from], null)];
        foreach (array_slice($ids, $i + 1) as $to) {
            $span = $at[$from]->minus($at[$to])->norm();
            if ($span <= $options->reach) {
                $kinds[] = TramReading::between([$from, $to], null);
            }
            if ($span <= $options->straightedge) {
                $kinds[] = RiseReading::between([$from, $to], null);
            }
        }
        foreach ($kinds as $kind) {
            if (in_array($kind->key(), $taken, true)) {
                continue;
            }
            $reading = new Reading('next', $kind, $kind->linearise($at)->predicted, $kind::usualSigma());
            $now = $computer->compute($frame, new Survey('s', $survey->stage, [...$survey->readings, $reading]));
            $gain = 1 - undecidedVariance($before, $now) / undecidedVariance($before, $before);
            if ($gain > $best[1] + 1e-9) {
                $best = [$kind::name().' '.implode(' ', $kind->points()), $gain];
            }
        }
    }

    return $best;
}

it('names the reading that trying every one would find', function (bool $heights, int $seed) {
    $frame = Readings::ladder(4, base: 2);
    $survey = Readings::survey(Readings::tour(Readings::truth($frame), Readings::noise($seed, 0.6), $heights));
    $options = new SurveyOptions(reach: 2000);
    $advice = (new NextReadingAdviser($options))->advise($frame, $survey, (new SurveyComputer($options))->compute($frame, $survey));
    [, $gain] = bestByTrying($frame, $survey, $options);
    expect($advice[0]->gain)->toEqualWithDelta($gain, 0.01);
})->with([
    'with heights, seed 71' => [true, 71],
    'with heights, seed 72' => [true, 72],
]);

describe('advice', function () {
    it('is ranked, and as long as asked for', function () {
        $frame = Readings::ladder(6);
        $survey = Readings::survey(Readings::tour(Readings::truth($frame), Readings::noise(73, 0.6)));
        foreach ([1, 3, 8] as $max) {
            $options = new SurveyOptions(suggestions: $max);
            $advice = (new NextReadingAdviser($options))->advise($frame, $survey, (new SurveyComputer)->compute($frame, $survey));
            $gains = array_map(fn (NextReading $next): float => round($next->gain, 3), $advice);
            $sorted = $gains;
            rsort($sorted);
            expect(count($advice))->toBeLessThanOrEqual($max)->and($gains)->toBe($sorted);
        }
    });

    it('stays within the reach of the bar', function (float $reach) {
        $frame = Readings::ladder(6);
        $survey = Readings::survey(Readings::tour(Readings::truth($frame), Readings::noise(74, 0.6)));
        $options = new SurveyOptions(reach: $reach, suggestions: 50);
        $result = (new SurveyComputer)->compute($frame, $survey);
        $trams = array_filter(
            (new NextReadingAdviser($options))->advise($frame, $survey, $result),
            fn (NextReading $next): bool => $next->kind === 'tram',
        );
        $longest = max([0.0, ...array_map(fn (NextReading $next): float => $next->expected, $trams)]);
        expect($longest)->toBeLessThanOrEqual($reach + 1.0);
    })->with([900.0, 1600.0, 2500.0]);

    it('never asks for what was read, whichever end was called first', function () {
        $frame = Readings::ladder(5);
        $survey = Readings::survey(Readings::tour(Readings::truth($frame), Readings::noise(75, 0.6)));
        $taken = array_map(fn (Reading $reading): string => $reading->kind->key(), $survey->readings);
        $result = (new SurveyComputer)->compute($frame, $survey);
        foreach ((new NextReadingAdviser(new SurveyOptions(suggestions: 50)))->advise($frame, $survey, $result) as $next) {
            $points = $next->points;
            sort($points);
            expect($taken)->not->toContain($next->kind.' '.implode(' ', $points));
        }
    });

    it('holds a loose point before anything else', function () {
        $frame = Readings::ladder(5);
        $truth = Readings::truth($frame);
        $readings = array_values(array_filter(
            Readings::tour($truth, Readings::noise(76, 0.6)),
            fn (Reading $reading): bool => ! in_array('ER', $reading->kind->points(), true) || $reading->id === 'tram EL ER',
        ));
        $survey = Readings::survey($readings);
        $advice = (new NextReadingAdviser)->advise($frame, $survey, (new SurveyComputer)->compute($frame, $survey));
        expect($advice[0]->because->value)->toBe('loose')
            ->and($advice[0]->points)->toContain('ER')
            ->and($advice[0]->gain)->toBe(1.0);
    });

    it('followed reading by reading settles a frame', function () {
        $frame = Readings::ladder(4);
        $truth = Readings::truth($frame);
        $readings = Readings::tour($truth);
        $computer = new SurveyComputer;
        $undecided = fn (): int => count(array_filter(
            $computer->compute($frame, Readings::survey($readings))->points,
            fn ($point): bool => $point->verdict === Verdict::Unsure,
        ));
        $start = $undecided();
        for ($round = 0; $round < 25 && $undecided() > 0; $round++) {
            $survey = Readings::survey($readings);
            $next = (new NextReadingAdviser)->advise($frame, $survey, $computer->compute($frame, $survey))[0] ?? null;
            if ($next === null) {
                break;
            }
            $readings[] = Readings::true($next->kind.' '.implode(' ', $next->points), $truth, id: "n$round");
        }
        expect($undecided())->toBeLessThan(max(1, $start));
    });
});
