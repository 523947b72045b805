<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Simulation\FrameMaker;
use Geodex\Core\Survey\Forecaster;
use Geodex\Core\Survey\MeasuringTour;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\NextReadingAdviser;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Survey\StartingTour;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Shuffled;

/** @return list<Reading> those readings, true but for a little noise */
function takenAsTold(array $readings, array $at, callable $noise): array
{
    return array_map(fn (NextReading $next): Reading => Readings::true("$next->kind ".implode(' ', $next->points), $at, $noise(), id: 'n'.$noise()), $readings);
}

it('foretells how many readings settle the frame, to within a few', function (int $seed) {
    $frame = Readings::ladder(6);
    $at = Readings::truth($frame);
    $noise = Readings::noise($seed, 0.4);
    $readings = Readings::tour($at, $noise);
    $forecast = (new Forecaster)->forecast($frame, Readings::survey($readings), (new SurveyComputer)->compute($frame, Readings::survey($readings)));
    expect($forecast->coordinates)->toBe(36)
        ->and($forecast->settled)->toBeLessThan(36)
        ->and($forecast->toGo)->toBeGreaterThan(0);
    $after = [...$readings, ...takenAsTold($forecast->readings, $at, $noise)];
    $then = (new Forecaster)->forecast($frame, Readings::survey($after), (new SurveyComputer)->compute($frame, Readings::survey($after)));
    expect($then->toGo)->toBeLessThan(max(3, $forecast->toGo / 2 + 2))
        ->and($then->settled)->toBeGreaterThan($forecast->settled);
})->with([[1], [2], [3]]);

it('comes to an end when one does what it says', function () {
    $frame = Readings::ladder(5);
    $at = Readings::truth($frame);
    $noise = Readings::noise(8, 0.3);
    $readings = Readings::tour($at, $noise);
    for ($round = 0; $round < 12; $round++) {
        $forecast = (new Forecaster)->forecast($frame, Readings::survey($readings), (new SurveyComputer)->compute($frame, Readings::survey($readings)));
        if ($forecast->isDone()) {
            break;
        }
        $readings = [...$readings, ...takenAsTold($forecast->readings, $at, $noise)];
    }
    expect($forecast->isDone())->toBeTrue()
        ->and($forecast->settled + $forecast->tooClose)->toBe(30);
});

it('counts the rest of the first tour while points are unread', function () {
    $frame = Readings::ladder(4);
    $readings = array_slice(Readings::tour(Readings::truth(Readings::ladder(3))), 0, 12);
    $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
    $forecast = (new Forecaster)->forecast($frame, Readings::survey($readings), $result);
    expect($forecast->toGo)->toBe(count((new StartingTour)->remaining($frame, Readings::survey($readings), 999)))
        ->and($forecast->toGo)->toBeGreaterThan(5);
});

it('says which coordinates no reasonable number of readings decides', function () {
    $frame = Readings::ladder(5);
    $at = Readings::truth($frame);
    $at['EL'] = $at['EL']->plus(\Geodex\Core\Geometry\Vector3::of(0, 3.0, 0));
    $readings = Readings::tour($at);
    foreach (range(1, 4) as $again) {
        $readings = [...$readings, ...array_map(fn (Reading $r): Reading => new Reading("$r->id $again", $r->kind, $r->value, $r->sigma), Readings::tour($at))];
    }
    $forecast = (new Forecaster)->forecast($frame, Readings::survey($readings), (new SurveyComputer)->compute($frame, Readings::survey($readings)));
    expect($forecast->tooClose)->toBeGreaterThanOrEqual(1)->and($forecast->toGo)->not->toBeNull();
});

it('leaves out what is blocked and what there is no tool for', function () {
    $frame = Readings::ladder(6);
    $survey = Readings::survey(Readings::tour(Readings::truth($frame)));
    $result = (new SurveyComputer)->compute($frame, $survey);
    $best = (new NextReadingAdviser)->advise($frame, $survey, $result)[0];
    $kind = Geodex\Core\Survey\Reading\ReadingKinds::named($best->kind)::between($best->points, null);
    $others = (new NextReadingAdviser)->advise($frame, new Survey('before', SurveyStage::Before, $survey->readings, [$kind->key()]), $result);
    expect(array_filter($others, fn (NextReading $next): bool => $next->points === $best->points && $next->kind === $best->kind))->toBe([]);
    foreach ((new NextReadingAdviser(new SurveyOptions(kinds: ['height'])))->advise($frame, $survey, $result) as $next) {
        expect($next->kind)->toBe('height');
    }
    $tour = (new StartingTour)->remaining($frame, new Survey('before', SurveyStage::Before, [], ['tram AL AR']), 3);
    expect(array_map(fn (NextReading $next): string => "$next->kind ".implode(' ', $next->points), $tour))->toBe(['height AL', 'height AR', 'tram BL BR']);
});

describe('the measuring tour', function () {
    it('walks down one side and up the other', function () {
        $at = Readings::truth((new FrameMaker)->make(4, 8));
        $heights = array_map(fn (string $id): NextReading => new NextReading('height', [$id], 0.0, 1.0, 0, ReasonToRead::Unread), array_map(strval(...), array_keys($at)));
        $heights = Shuffled::by(4, $heights);
        [$order, $metres] = (new MeasuringTour)->order($heights, $at);
        $sides = implode('', array_map(fn (NextReading $next): string => substr($next->points[0], -1), $order));
        expect($sides)->toMatch('/^(L+R+|R+L+)$/')->and($metres)->toBeLessThan(14.0);
    });

    it('is never longer than the order it was given', function (int $seed) {
        $at = Readings::truth((new FrameMaker)->make($seed, 6));
        $ids = array_map(strval(...), array_keys($at));
        $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
        $readings = array_map(fn (int $k): NextReading => new NextReading('tram', [$ids[$k], $ids[($k + $random->getInt(1, 5)) % 12]], 0.0, 1.0, 0, ReasonToRead::Undecided), range(0, 11));
        [$order, $metres] = (new MeasuringTour)->order($readings, $at);
        expect($order)->toHaveCount(12)
            ->and((new MeasuringTour)->order($order, $at)[1])->toBeLessThanOrEqual($metres + 1e-9);
    })->with([[1], [2], [3]]);

    it('has nowhere to walk without readings', function () {
        expect((new MeasuringTour)->order([], []))->toBe([[], 0.0]);
    });
});

it('starts a tour without a chart, by mates', function () {
    $bare = new Geodex\Core\Frame\Frame(array_map(fn ($point) => $point->at(null), Readings::ladder(3)->points));
    $tour = (new StartingTour)->remaining($bare, Readings::survey([]), 6);
    expect(array_map(fn (NextReading $next): string => "$next->kind ".implode(' ', $next->points), $tour))->toBe(['tram AL AR', 'height AL', 'height AR', 'tram BL BR', 'tram AL BL', 'tram AL BR'])
        ->and($tour[0]->expected)->toBeNull();
});

it('counts what checks an unchecked reading, and reading it does check it', function () {
    // Tolerances so wide that all is decided at once, but the last corner hangs on three readings that nothing checks.
    $frame = new Frame(array_map(fn (Point $p): Point => new Point($p->id, $p->name, $p->side, $p->mate, null, $p->reference, Tolerance::all(60), $p->base), Readings::ladder(6)->points));
    $at = Readings::truth($frame);
    $readings = array_values(array_filter(Readings::tour($at), fn (Reading $r): bool => ! in_array('FR', $r->kind->points(), true) || in_array($r->id, ['tram EL FR', 'tram FL FR', 'height FR'], true)));
    for ($round = 1; $round < 8; $round++) {
        $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
        $forecast = (new Forecaster)->forecast($frame, Readings::survey($readings), $result);
        expect($forecast->settled)->toBe(36);
        if ($forecast->isDone()) {
            break;
        }
        // A reading that checks another may itself be checked only by the next one.
        $readings = [...$readings, ...takenAsTold($forecast->readings, $at, Readings::noise($round, 1e-6))];
    }
    expect($round)->toBeGreaterThan(1)->and($forecast->isDone())->toBeTrue()
        ->and(array_filter($result->readings, fn ($reading): bool => ! $reading->checked))->toBe([]);
});
