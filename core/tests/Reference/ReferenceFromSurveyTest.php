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
