<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\ReferenceFromSurvey;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Tests\Support\Readings;

it('makes the coordinates of a sister vehicle the reference, with their uncertainty', function () {
    $frame = Readings::ladder(5);
    $truth = Readings::truth($frame);
    $sister = (new ReferenceFromSurvey)->make($frame, new Survey('sister', SurveyStage::Sister, Readings::tour($truth, Readings::noise(3, 1.0))));
    expect(array_keys($sister->places))->toBe(array_keys($truth))->and($sister->free)->toBe([])
        ->and($sister->places['EL']->minus($truth['EL'])->norm())->toBeLessThan(6.0)->and($sister->sigmas['EL']->y)->toBeGreaterThan(0.5);
});

it('needs no chart for it: the sister is laid along her own mirror plane', function () {
    $frame = Readings::ladder(5);
    $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points));
    $sister = (new ReferenceFromSurvey)->make($bare, Readings::survey(Readings::tour(Readings::truth($frame))));
    $width = $sister->places['EL']->minus($sister->places['ER'])->norm();
    expect($sister->places['AL']->x)->toEqualWithDelta(0.0, 1e-6)->and($sister->places['EL']->x)->toEqualWithDelta(2800.0, 1e-3)
        ->and($sister->places['EL']->y)->toEqualWithDelta(-390.0, 1e-3)->and($width)->toEqualWithDelta(780.0, 1e-3);
});

it('lets the sister\'s uncertainty count in every deviation', function () {
    $frame = Readings::ladder(5);
    $truth = Readings::truth($frame);
    $readings = Readings::survey(Readings::tour($truth, Readings::noise(4, 1.0)));
    $certain = (new SurveyComputer)->compute($frame, $readings);
    $unsure = (new SurveyComputer)->compute(new Frame(array_map(fn (Point $p): Point => $p->at($p->reference, Vector3::of(0.3, 0.4, 0.5)), $frame->points)), $readings);
    foreach ($certain->points as $i => $point) {
        foreach ([0.3, 0.4, 0.5] as $axis => $sigma) {
            expect($unsure->points[$i]->sigma->toArray()[$axis])->toEqualWithDelta(hypot($point->sigma->toArray()[$axis], $sigma), 1e-9);
        }
    }
});

it('makes coordinates of a point-to-point chart and says what stays free and what contradicts itself', function () {
    $frame = Readings::ladder(5);
    $truth = Readings::truth($frame);
    $lengths = array_values(array_filter(Readings::tour($truth), fn (Reading $r): bool => ! in_array($r->id, ['tram DL EL', 'tram DR EL', 'tram CL EL', 'tram CR EL'], true)));
    $lengths = array_map(fn (Reading $r): Reading => $r->id === 'tram AL CR' ? new Reading($r->id, $r->kind, $r->value + 30, $r->sigma) : $r, $lengths);
    $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points));
    $chart = (new ReferenceFromSurvey)->make($bare, Readings::survey($lengths));
    expect($chart->free)->toBe(['EL'])->and($chart->contradicted)->toBe(['tram AL CR'])->and($chart->places)->not->toHaveKey('EL')
        ->and($chart->places['DR']->minus($chart->places['AL'])->norm())->toEqualWithDelta($truth['DR']->minus($truth['AL'])->norm(), 1e-3);
});

it('is laid on the chart by three base points that the chart gives, and on its own mirror plane by two', function (int $charted, float $front) {
    $frame = Readings::ladder(5);
    $some = new Frame(array_map(fn (Point $point, int $i): Point => $i < $charted ? $point : $point->at(null), $frame->points, array_keys($frame->points)));
    $places = (new ReferenceFromSurvey)->make($some, Readings::survey(Readings::tour(Readings::truth($frame))))->places;
    // The chart begins at 100; by itself the frame begins at its first pair.
    expect($places['AL']->x)->toEqualWithDelta($front, 1e-3)
        ->and($places['EL']->x)->toEqualWithDelta($front + 2800.0, 1e-3)
        ->and($places)->toHaveCount(10);
})->with([[3, 100.0], [4, 100.0], [2, 0.0], [0, 0.0]]);

it('leaves out a point that was not read, and goes on to those after it', function () {
    $frame = Readings::ladder(5);
    $readings = array_values(array_filter(Readings::tour(Readings::truth($frame)), fn (Reading $reading): bool => ! in_array('BR', $reading->kind->points(), true)));
    $made = (new ReferenceFromSurvey)->make($frame, Readings::survey($readings));
    expect(array_keys($made->places))->toBe(['AL', 'AR', 'BL', 'CL', 'CR', 'DL', 'DR', 'EL', 'ER'])->and($made->free)->toBe([]);
});

it('is as sure as its own readings make it, whatever the reference was unsure of', function () {
    $frame = Readings::ladder(5);
    $survey = Readings::survey(Readings::tour(Readings::truth($frame), Readings::noise(4, 1.0)));
    $unsure = new Frame(array_map(fn (Point $point): Point => $point->at($point->reference, Vector3::of(4, 5, 6)), $frame->points));
    expect((new ReferenceFromSurvey)->make($unsure, $survey))->toEqual((new ReferenceFromSurvey)->make($frame, $survey));
});

it('is as unsure as all explanations together, where there are several', function () {
    $frame = Readings::ladder(4);
    $truth = Readings::truth($frame);
    $calls = ['tram AL AR', 'tram BL BR', 'tram CL CR', 'tram DL DR', 'tram AL BL', 'tram AR BR', 'tram BL CL', 'tram BR CR', 'tram CL DL', 'tram CR DR', 'tram AL BR', 'tram AR BL', 'tram BL CR', 'tram BR CL', 'tram CL DR', 'tram CR DL'];
    $readings = array_map(fn (string $call): Reading => Readings::true($call, $truth, $call === 'tram CL DL' ? 25.4 : 0.0), [...$calls, ...array_map(fn (string $id): string => "height $id", array_keys($truth))]);
    $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
    $made = (new ReferenceFromSurvey)->make($frame, Readings::survey($readings));
    expect($result->isAmbiguous())->toBeTrue();
    foreach ($made->sigmas as $id => $sigma) {
        $point = $result->point($id);
        foreach ([0, 1, 2] as $axis) {
            [$min, $max] = $point->hull[$axis];
            expect($sigma->toArray()[$axis])->toEqualWithDelta(max($point->sigma->toArray()[$axis], ($max - $min) / 2 / 1.96), 1e-9);
        }
    }
    expect($made->sigmas['DL']->x)->toBeGreaterThan(3.0);
});
