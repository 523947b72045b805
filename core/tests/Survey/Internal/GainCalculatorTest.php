<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Internal\GainCalculator;
use Geodex\Core\Survey\Internal\NextReadingDescriber;
use Geodex\Core\Survey\Internal\Rating;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;

/** @return array{Frame, list<Reading>, SurveyResult} a frame bent on one side only, read without the right rail's long diagonals */
function lopsided(): array
{
    $frame = Readings::ladder(5);
    $at = Readings::truth($frame);
    $at['EL'] = $at['EL']->plus(Vector3::of(2.4, -2.9, 2.7));
    $at['DR'] = $at['DR']->plus(Vector3::of(-2.7, 2.3, -3.1));
    $readings = array_values(array_filter(Readings::tour($at), fn (Reading $r): bool => ! in_array($r->id, ['tram CR ER', 'tram BL DR', 'tram CL DL'], true)));

    return [$frame, $readings, (new SurveyComputer)->compute($frame, Readings::survey($readings))];
}

/** @return list<array{string, int}> coordinates that are undecided in a result */
function openIn(SurveyResult $result): array
{
    $open = [];
    foreach ($result->points as $point) {
        foreach ($point->axes as $axis => $verdict) {
            if ($verdict === Verdict::Unsure) {
                $open[] = [$point->id, $axis];
            }
        }
    }

    return $open;
}

/** Sum of the variances of those coordinates, mm². */
function varianceOf(SurveyResult $result, array $open): float
{
    return array_sum(array_map(fn (array $one): float => $result->point($one[0])->sigma->toArray()[$one[1]] ** 2, $open));
}

describe('what a reading is worth', function () {
    it('is what it takes off the variance of the undecided, to a thousandth, of whatever kind', function (string $call) {
        [$frame, $readings, $result] = lopsided();
        $words = explode(' ', $call);
        $kind = ReadingKinds::named($words[0])::between(array_slice($words, 1), null);
        assert($kind instanceof ReadingKind);
        $rating = (new GainCalculator($frame, $result, new SurveyOptions))->rate($kind);
        expect($rating->rank)->toBe(Rating::DECIDES)
            ->and($rating->expected)->toEqualWithDelta($kind->linearise($result->solved->bench)->predicted, 1e-9);
        $then = (new SurveyComputer)->compute($frame, Readings::survey([...$readings, new Reading('new', $kind, $rating->expected, $kind::usualSigma())]));
        $open = openIn($result);
        expect(1 - varianceOf($then, $open) / varianceOf($result, $open))->toEqualWithDelta($rating->gain, 1e-3);
    })->with([
        'height EL',
        'height ER',
        'tram CR ER',
        'tram CL DL',
        'tram AL EL',
        'tram BL DR',
        'rise EL ER',
        'rise ER EL',
        'rise CL EL',
        'plan CR ER',
        'plan BL DR',
    ]);

    it('says how many coordinates it settles: exactly those that are settled once it is in', function (string $call) {
        [$frame, $readings, $result] = lopsided();
        $words = explode(' ', $call);
        $kind = ReadingKinds::named($words[0])::between(array_slice($words, 1), null);
        $gains = new GainCalculator($frame, $result, new SurveyOptions);
        $next = (new NextReadingDescriber($result, new SurveyOptions, $gains->effects))->describe($kind, $gains->rate($kind));
        $then = (new SurveyComputer)->compute($frame, Readings::survey([...$readings, new Reading('new', $kind, $next->expected, $kind::usualSigma())]));
        expect($next->settles)->toBe(count(openIn($result)) - count(openIn($then)));
    })->with(['height EL', 'tram CR ER', 'tram AL EL']);

    it('is nothing for an offset from a bench against which nothing was read sideways', function () {
        [$frame, , $result] = lopsided();
        expect((new GainCalculator($frame, $result, new SurveyOptions))->rate(ReadingKinds::named('offset')::between(['EL'], null)))->toBeNull();
    });

    it('is as exact where the frame is held against its mirror image', function () {
        [$frame, $readings] = lopsided();
        $bare = new Frame(array_map(fn ($point) => $point->at(null), $frame->points));
        $mirrored = (new Geodex\Core\Reference\SymmetrySurveyComputer)->compute($bare, Readings::survey($readings));
        $kind = ReadingKinds::named('tram')::between(['CR', 'ER'], null);
        $rating = (new GainCalculator($mirrored->frame, $mirrored->result, new SurveyOptions))->rate($kind);
        $then = (new Geodex\Core\Reference\SymmetrySurveyComputer)->compute($bare, Readings::survey([...$readings, new Reading('new', $kind, $rating->expected, 1.0)]));
        $open = array_values(array_filter(openIn($mirrored->result), fn (array $one): bool => $mirrored->result->point($one[0])->determined[$one[1]] ?? false));
        expect(1 - varianceOf($then->result, $open) / varianceOf($mirrored->result, $open))->toEqualWithDelta($rating->gain, 5e-3);
    });
});
