<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\Internal\GainCalculator;
use Geodex\Core\Survey\Internal\ReadingQueue;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\NextReadingAdviser;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;

/** @param  list<NextReading>  $queue  taken as they were expected */
function after(array $readings, array $queue): SurveyResult
{
    foreach ($queue as $i => $next) {
        $kind = ReadingKinds::named($next->kind)::between($next->points, null);
        $readings[] = new Reading("q$i", $kind, $next->expected, $kind::usualSigma());
    }

    return (new SurveyComputer)->compute(Readings::ladder(5), Readings::survey($readings));
}

function undecidedIn(SurveyResult $result): int
{
    return array_sum(array_map(fn ($point): int => count(array_filter($point->axes, fn (Verdict $v): bool => $v === Verdict::Unsure)), $result->points));
}

/** @return array{list<Reading>, SurveyResult, list<NextReading>} */
function halfRead(): array
{
    $at = Readings::truth(Readings::ladder(5));
    $at['EL'] = $at['EL']->plus(Vector3::of(2.2, -1.4, 0.8));
    $at['DR'] = $at['DR']->plus(Vector3::of(-1.7, 2.1, -1.1));
    $readings = array_values(array_filter(Readings::tour($at), fn (Reading $r): bool => count($r->kind->points()) === 1 || abs(ord($r->kind->points()[0]) - ord($r->kind->points()[1])) <= 1));
    $result = (new SurveyComputer)->compute(Readings::ladder(5), Readings::survey($readings));
    $options = new SurveyOptions(suggestions: 24);

    return [$readings, $result, (new NextReadingAdviser($options))->advise(Readings::ladder(5), Readings::survey($readings), $result)];
}

describe('the queue of readings', function () {
    it('leaves undecided just those that were called too close, once all are in', function () {
        [$readings, $result, $candidates] = halfRead();
        $options = new SurveyOptions(suggestions: 24);
        [$queue, $tooClose] = (new ReadingQueue(new GainCalculator(Readings::ladder(5), $result, $options), Readings::ladder(5), $result, $options))->line($candidates, 24);
        expect($queue)->not->toBe([])->and(undecidedIn($result))->toBeGreaterThan($tooClose)
            ->and(undecidedIn(after($readings, $queue)))->toBe($tooClose);
    });

    it('holds none at the end that decides nothing', function () {
        [$readings, $result, $candidates] = halfRead();
        $options = new SurveyOptions(suggestions: 24);
        [$queue, $tooClose] = (new ReadingQueue(new GainCalculator(Readings::ladder(5), $result, $options), Readings::ladder(5), $result, $options))->line($candidates, 24);
        expect(undecidedIn(after($readings, array_slice($queue, 0, -1))))->toBeGreaterThan($tooClose);
    });

    it('begins with the one that takes most off what is undecided', function () {
        [$readings, $result, $candidates] = halfRead();
        $options = new SurveyOptions(suggestions: 24);
        [$queue] = (new ReadingQueue(new GainCalculator(Readings::ladder(5), $result, $options), Readings::ladder(5), $result, $options))->line($candidates, 24);
        expect($queue[0]->gain)->toBe(max(array_map(fn (NextReading $next): float => $next->gain, $candidates)));
    });

    it('checks every reading that nothing checked', function () {
        $frame = Readings::ladder(4);
        $at = Readings::truth($frame);
        // A chain: the last row hangs on as many readings as it has coordinates.
        $readings = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, 0.6), array_values(array_filter(
            Readings::tour($at), fn (Reading $r): bool => ! str_contains($r->id, 'D') || in_array($r->id, ['tram CL DL', 'tram CR DR', 'tram CL DR', 'tram CR DL', 'height DL', 'height DR'], true),
        )));
        $survey = Readings::survey($readings);
        $result = (new SurveyComputer)->compute($frame, $survey);
        $unchecked = fn (SurveyResult $result): int => count(array_filter($result->readings, fn ($r): bool => ! $r->checked && ! str_starts_with($r->id, 'q')));
        expect($unchecked($result))->toBeGreaterThan(0);
        $queue = (new Forecaster)->forecast($frame, $survey, $result)->readings;
        foreach ($queue as $i => $next) {
            $kind = ReadingKinds::named($next->kind)::between($next->points, null);
            $readings[] = new Reading("q$i", $kind, $next->expected, $kind::usualSigma());
        }
        expect($queue)->not->toBe([])
            ->and($unchecked((new SurveyComputer)->compute($frame, Readings::survey($readings))))->toBe(0);
    });
});
