<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\ChartChecker;
use Geodex\Core\Reference\Movement\MovementFinder;
use Geodex\Core\Reference\ReferenceFromSurvey;
use Geodex\Core\Reference\SourceComparer;
use Geodex\Core\Reference\SymmetrySurveyComputer;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Tests\Support\Kept;
use Geodex\Core\Tests\Support\KeptSurveys;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** Under a mutation run everything is several times slower. */
function inNoHurry(): SurveyComputer
{
    return new SurveyComputer(new SurveyOptions(seconds: 60.0));
}

/** The frame of a kept survey without its chart. */
function withoutChart(Frame $frame): Frame
{
    return new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points), $frame->axles, $frame->carried);
}

it('makes a reference of a survey as kept, on the chart or on its own mirror plane', function (string $name) {
    [$frame, $survey] = KeptSurveys::of($name);
    Kept::same("reference-$name", [
        'charted' => (new ReferenceFromSurvey(inNoHurry()))->make($frame, $survey),
        'own' => in_array($name, ['few-readings', 'trams-only', 'loose-point', 'tour-off'], true) ? null : (new ReferenceFromSurvey(inNoHurry()))->make(withoutChart($frame), $survey),
    ]);
})->with(['clean', 'two-mistakes', 'few-readings', 'every-kind', 'scatters', 'loose-point', 'centre-points', 'tour-off', 'sister', 'numbered-and-bent']);

it('holds a frame against its mirror image as kept, with what its points are unsure of together', function (string $name) {
    [$frame, $survey] = KeptSurveys::of($name);
    // Without a chart a point needs a height to be placed at all; a length and a height leave it one way to go.
    $survey = $name === 'loose-point' ? new Survey('before', SurveyStage::Before, [...$survey->readings, Readings::true('height X1', ['X1' => Vector3::of(902, -301, 603)])]) : $survey;
    $mirrored = (new SymmetrySurveyComputer(new SurveyOptions(seconds: 60.0)))->compute(withoutChart($frame), $survey);
    $covariance = $mirrored->result->covariance;
    Kept::same("mirror-$name", [
        'frame' => array_map(fn (Point $point): array => [$point->id, $point->reference, $point->base], $mirrored->frame->points),
        'points' => $mirrored->result->points,
        'columns' => $covariance->columns,
        'matrix' => $covariance->matrix,
        'loose' => $covariance->loose,
        'cross' => $covariance->cross,
        'alternatives' => $mirrored->result->alternatives,
    ]);
})->with(['clean', 'one-inch-off', 'two-mistakes', 'every-kind', 'centre-points', 'no-chart', 'scatters', 'tour-off', 'loose-point', 'numbered']);

it('holds two sources against each other as kept', function (string $name) {
    [$frame, $survey] = KeptSurveys::of($name);
    $chart = array_filter(array_map(fn (Point $point): ?Vector3 => $point->reference, array_column($frame->points, null, 'id')));
    $result = inNoHurry()->compute($frame, $survey);
    $made = (new ReferenceFromSurvey(inNoHurry()))->make($frame, $survey);
    $base = array_values(array_map(fn (Point $point): string => $point->id, array_filter($frame->points, fn (Point $point): bool => $point->base)));
    $other = array_map(fn (Vector3 $at): Vector3 => $at->x > 1500 ? $at->plus(Vector3::of(9.0, 0.0, -12.0)) : $at, $chart);
    Kept::same("sources-$name", [
        'chart and survey' => (new SourceComparer)->compare($chart, $made->places, ['the chart', 'the survey']),
        'measured too' => (new SourceComparer)->compare($chart, $other, ['the chart', 'the other'], $result, $base),
        'turned round' => (new SourceComparer)->compare($other, $chart, ['the other', 'the chart'], $result),
        'few in common' => count($chart) > 3 ? (new SourceComparer)->compare($chart, array_slice($other, 0, 4, true), ['the chart', 'a part'], $result, $base) : null,
    ]);
})->with(['clean', 'chart-slip', 'bent-base', 'two-mistakes', 'centre-points', 'far-rear', 'numbered-and-bent', 'loose-point']);

it('says what moved between two surveys as kept', function (string $name) {
    [$frame, $survey] = KeptSurveys::of($name);
    $later = array_map(fn (Reading $reading): Reading => in_array('ER', $reading->kind->points(), true) && $reading->kind::name() === 'height' ? new Reading($reading->id, $reading->kind, $reading->value + 9.0, $reading->sigma, $reading->struckBecause) : $reading, $survey->readings);
    Kept::same("movement-$name", (new MovementFinder(new SurveyOptions(seconds: 60.0)))->find($frame, $survey, new Survey('after', SurveyStage::After, $later)));
})->with(['clean', 'every-kind', 'no-chart', 'bent-base', 'numbered-and-bent']);

it('says of each direction which it was, and of how many points', function () {
    $frame = Readings::ladder(6);
    $truth = Readings::truth($frame);
    $moves = ['DL' => [8, 0, 0], 'DR' => [-8, 0, 0], 'EL' => [0, 9, 0], 'ER' => [0, -9, 0], 'FL' => [0, 0, 10], 'FR' => [-7, 8, -10]];
    $moved = $truth;
    foreach ($moves as $id => $by) {
        $moved[$id] = $truth[$id]->plus(Vector3::of(...$by));
    }
    $survey = fn (string $id, array $at): Survey => new Survey($id, SurveyStage::Before, Readings::tour($at));
    $found = (new MovementFinder)->find($frame, $survey('first', $truth), $survey('second', $moved));
    $said = array_column(array_map(fn ($one): array => [$one->point, Said::mm($one->text)], $found), 1, 0);
    foreach (['DL' => 'mm rearward since first.', 'DR' => 'mm forward since first.', 'EL' => 'mm to the right since first.', 'ER' => 'mm to the left since first.', 'FL' => 'mm up since first.', 'AL' => 'AL has not moved since first'] as $id => $words) {
        expect($said[$id])->toContain($words);
    }
    expect($said['FR'])->toContain('mm forward, ')->toContain('mm to the right, ')->toContain('mm down since first.');
    Kept::same('movement-every-way', $found);
});

it('writes a fault of a chart with its kind, its points and its words', function () {
    $fault = (new ChartChecker)->check(new Frame(array_map(fn (Point $point, int $i): Point => $point->at($point->reference, null, $i < 2), Readings::ladder(3)->points, range(0, 5))))[0];
    expect(json_decode((string) json_encode($fault), true))->toBe(['kind' => 'base', 'points' => ['AL', 'AR'], 'text' => json_decode((string) json_encode($fault->text), true)]);
});

it('finds what is wrong with a chart as kept', function () {
    $sound = Readings::ladder(5)->points;
    $with = fn (int $i, ?Vector3 $at, ?Side $side = null, ?string $mate = null, ?bool $base = null): Frame => new Frame(array_replace($sound, [$i => new Point($sound[$i]->id, $sound[$i]->name, $side ?? $sound[$i]->side, $mate ?? $sound[$i]->mate, null, $at, Tolerance::all(), $base ?? $sound[$i]->base)]));
    $at = fn (int $i): Vector3 => $sound[$i]->reference ?? Vector3::of(0, 0, 0);
    $all = fn (callable $place): Frame => new Frame(array_map(fn (Point $point): Point => $point->at($place($point->reference), null, $point->base), $sound));
    Kept::same('chart-faults', array_map((new ChartChecker)->check(...), [
        'sound' => new Frame($sound),
        'none' => new Frame(array_map(fn (Point $point): Point => $point->at(null), $sound)),
        'other mate' => $with(2, $at(2), mate: 'CR'),
        'one side' => $with(3, $at(3), Side::Left),
        'minus lost' => $with(2, Vector3::of($at(2)->x, -$at(2)->y, $at(2)->z)),
        'inches' => $with(4, $at(4)->times(1 / 25.4)),
        'offset in inches' => $with(4, Vector3::of($at(4)->x, $at(4)->y / 25.4, $at(4)->z)),
        'height in inches' => $with(5, Vector3::of($at(5)->x, $at(5)->y, $at(5)->z / 25.4)),
        'a hundred behind' => $with(6, $at(6)->plus(Vector3::of(100, 0, 0))),
        'a hundred up' => $with(6, $at(6)->plus(Vector3::of(0, 0, 100))),
        'just unlike' => $with(6, $at(6)->plus(Vector3::of(0, 20.5, 0))),
        'still alike' => $with(6, $at(6)->plus(Vector3::of(0, 19.5, 0))),
        'same place' => $with(8, $at(6)),
        'nearly the same place' => $with(8, $at(6)->plus(Vector3::of(0, 0, 4.9))),
        'far away' => $with(9, $at(9)->plus(Vector3::of(9000, 0, 0))),
        'columns swapped' => $all(fn (?Vector3 $p): Vector3 => Vector3::of($p->y, $p->x, $p->z)),
        'heights first' => $all(fn (?Vector3 $p): Vector3 => Vector3::of($p->z, $p->y, $p->x)),
        'sides turned' => $all(fn (?Vector3 $p): Vector3 => Vector3::of($p->x, -$p->y, $p->z)),
        'all in inches' => $all(fn (?Vector3 $p): Vector3 => $p->times(1 / 25.4)),
        'two base points' => new Frame(array_map(fn (Point $point, int $i): Point => $point->at($point->reference, null, $i < 2), $sound, array_keys($sound))),
        'a few points' => new Frame(array_slice($sound, 0, 3)),
        'a middle point' => new Frame([...$sound, new Point('M', 'Middle', Side::Centre, null, null, Vector3::of(1500, 0, 17), Tolerance::all(), false)]),
    ]));
});
