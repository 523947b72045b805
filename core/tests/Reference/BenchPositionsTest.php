<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\BenchPositions;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

/** @param  list<Reading>  $readings */
function onBench(Frame $frame, array $readings): array
{
    return (new BenchPositions(new SurveyComputer))->of($frame, Readings::survey($readings));
}

it('finds the shape that the readings tell, with no chart to lean on', function () {
    $frame = Readings::ladder(4);
    $truth = Readings::truth($frame);
    $at = onBench($frame, Readings::tour($truth));
    foreach (['AL' => 'DR', 'BR' => 'CL', 'AR' => 'DL'] as $from => $to) {
        expect($at[$from]->minus($at[$to])->norm())->toEqualWithDelta($truth[$from]->minus($truth[$to])->norm(), 1e-3);
    }
});

it('gives the same whatever a chart says', function () {
    $frame = Readings::ladder(4);
    $readings = Readings::tour(Readings::truth($frame), Readings::noise(5, 0.6));
    $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points));
    $wrong = new Frame(array_map(fn (Point $point, int $i): Point => $point->at($point->reference->plus(Vector3::of(60 * $i, -35 * ($i % 3), 80 * ($i % 2)))), $frame->points, array_keys($frame->points)));
    expect(onBench($wrong, $readings))->toEqual(onBench($bare, $readings));
});

it('has no place for anything where nothing was read', function () {
    onBench(Readings::ladder(4), []);
})->throws(CannotComputeSurvey::class);

it('knows up from down only by what reads a height', function (array $calls, bool $knows) {
    $truth = Readings::truth(Readings::ladder(4));
    $readings = array_map(fn (string $call): Reading => Readings::true($call, $truth), $calls);
    expect(BenchPositions::knowUp(Readings::survey($readings)))->toBe($knows);
})->with([
    'lengths' => [['tram AL AR', 'plan AL BL', 'offset BL', 'station CL', 'angle AL BL BR'], false],
    'lengths and a height' => [['tram AL AR', 'tram AL BL', 'height CL'], true],
    'a height and lengths' => [['height CL', 'tram AL AR'], true],
    'a rise' => [['tram AL AR', 'rise AL BL'], true],
    'a level' => [['slope AL BL'], true],
    'nothing' => [[], false],
]);

it('does not know it by a height that was struck', function () {
    $truth = Readings::truth(Readings::ladder(4));
    $height = Readings::true('height CL', $truth);
    expect(BenchPositions::knowUp(Readings::survey([new Reading('h', $height->kind, $height->value, 1.0, 'Misread')])))->toBeFalse();
});
