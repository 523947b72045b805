<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\StartingTour;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

/** @return list<string> the calls of the tour that are left */
function tourLeft(Frame $frame, array $readings, int $max = 100): array
{
    $left = (new StartingTour)->remaining($frame, Readings::survey($readings), $max);

    return array_map(fn (NextReading $next): string => $next->kind.' '.implode(' ', $next->points), $left);
}

it('walks row by row: across, along, diagonals, heights', function () {
    expect(tourLeft(Readings::ladder(2), []))->toBe([
        'tram AL AR',
        'height AL',
        'height AR',
        'tram BL BR',
        'tram AL BL',
        'tram AL BR',
        'tram AR BL',
        'tram AR BR',
        'height BL',
        'height BR',
    ]);
});

it('leaves out what is read, whichever end was called first', function () {
    $frame = Readings::ladder(2);
    $truth = Readings::truth($frame);
    $readings = [Readings::true('tram AR AL', $truth), Readings::true('height AR', $truth)];
    expect(tourLeft($frame, $readings, 3))->toBe(['height AL', 'tram BL BR', 'tram AL BL']);
});

it('asks again for what was struck', function () {
    $frame = Readings::ladder(2);
    $reading = Readings::true('tram AL AR', Readings::truth($frame));
    $struck = new Reading($reading->id, $reading->kind, $reading->value, 1.0, 'wrong hole');
    expect(tourLeft($frame, [$struck], 1))->toBe(['tram AL AR']);
});

it('expects what the chart says', function () {
    $next = (new StartingTour)->remaining(Readings::ladder(2), Readings::survey([]), 1)[0];
    expect($next->expected)->toEqualWithDelta(780.0, 1e-9)
        ->and($next->because->value)->toBe('unread');
});

it('settles every point of the frame once it is walked', function (int $rows) {
    $frame = Readings::ladder($rows);
    $truth = Readings::truth($frame);
    $readings = array_map(fn (string $call): Reading => Readings::true($call, $truth), tourLeft($frame, []));
    $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
    foreach ($result->points as $point) {
        expect($point->isDetermined())->toBeTrue($point->id);
    }
})->with([2, 4, 7]);

it('takes points a hand apart along the frame for one row', function () {
    $points = [
        new Point('AL', '', Side::Left, null, null, Vector3::of(0, -400, 500), Tolerance::all(), true),
        new Point('AR', '', Side::Right, null, null, Vector3::of(40, 400, 500), Tolerance::all(), true),
        new Point('BL', '', Side::Left, null, null, Vector3::of(700, -400, 500), Tolerance::all(), true),
    ];
    expect(tourLeft(new Frame($points), [], 2))->toBe(['tram AL AR', 'height AL']);
});

it('never asks for the distance of a point to itself, or of two in one place', function () {
    $points = [
        new Point('A', '', Side::Left, null, null, Vector3::of(0, 0, 500), Tolerance::all(), true),
        new Point('B', '', Side::Left, null, null, Vector3::of(0, 0, 500), Tolerance::all(), true),
    ];
    expect(tourLeft(new Frame($points), []))->toBe(['height A', 'height B']);
});

it('passes over points without a chart position', function () {
    $points = [
        ...Readings::ladder(1)->points,
        new Point('X', '', Side::Centre, null, null, null, Tolerance::all(), false),
    ];
    expect(tourLeft(new Frame($points), []))->toBe(['tram AL AR', 'height AL', 'height AR']);
});
