<?php

declare(strict_types=1);

use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\ChartDoubtFinder;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** A sound ladder of six rows, the front three base, with two points of the chart where $chart puts them. */
function chartWithSlips(array $chart, int $base = 3): Frame
{
    return new Frame(array_map(fn (Point $p): Point => isset($chart[$p->id]) ? $p->at($p->reference->plus($chart[$p->id])) : $p, Readings::ladder(6, $base)->points));
}

/**
 * What is asked of such a chart when the frame is read sharply.
 *
 * @param  ?callable(Reading): bool  $keep
 * @return list<ChartDoubt>
 */
function askedOf(Frame $chart, ?callable $keep = null, float $sigma = 0.2, array $bent = [], SurveyOptions $options = new SurveyOptions): array
{
    $truth = Readings::truth(Readings::ladder(6));
    foreach ($bent as $id => $by) {
        $truth[$id] = $truth[$id]->plus($by);
    }
    $readings = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, $sigma), array_values(array_filter(Readings::tour($truth), $keep ?? fn (): bool => true)));

    return (new ChartDoubtFinder($options))->find($chart, (new SurveyComputer($options))->compute($chart, Readings::survey($readings)));
}

it('asks about one number that is off by a figure that copying makes', function (Vector3 $slip, int $axis, float $meant, string $words) {
    $doubts = askedOf(chartWithSlips(['ER' => $slip]));
    expect($doubts)->toHaveCount(1)->and($doubts[0]->point)->toBe('ER')->and($doubts[0]->axis)->toBe($axis)->and($doubts[0]->suggested)->toEqualWithDelta($meant, 0.01)
        ->and($doubts[0]->measured)->toEqualWithDelta($meant, 0.3)->and($doubts[0]->points())->toBe(['ER'])->and(Said::mm($doubts[0]->text))->toContain($words)->toContain('its mate EL is not off');
})->with([
    // ER stands at 2900, 390, 420.
    'a station a hundred too long' => [Vector3::of(100, 0, 0), 0, 2900.0, 'its station 100'],
    'a station an inch too short' => [Vector3::of(-25.4, 0, 0), 0, 2900.0, 'one inch'],
    'an offset fifty out' => [Vector3::of(0, 50, 0), 1, 390.0, 'a round 50 mm'],
    'an offset twenty in' => [Vector3::of(0, -20, 0), 1, 390.0, 'a round 20 mm'],
    'a height with two digits swapped: 240 for 420' => [Vector3::of(0, 0, -180), 2, 420.0, 'two digits swapped'],
    'an offset with two digits swapped: 930 for 390' => [Vector3::of(0, 540, 0), 1, 390.0, 'two digits swapped'],
    'a height a thousand out' => [Vector3::of(0, 0, 1000), 2, 420.0, 'a round 1000 mm'],
]);

it('asks about a lost minus', function () {
    $doubts = askedOf(chartWithSlips(['EL' => Vector3::of(0, 780, 0)]));
    expect($doubts)->toHaveCount(1)
        ->and($doubts[0]->suggested)->toBe(-390.0)
        ->and(Said::mm($doubts[0]->text))->toContain('a minus is lost or one too many');
});

it('asks nothing', function (array $chart, array $bent) {
    expect(askedOf(chartWithSlips($chart), bent: $bent))->toBe([]);
})->with([
    'of a sound chart' => [[], []],
    'where the figure is none that copying makes' => [['ER' => Vector3::of(0, 0, 37)], []],
    'where two axes are off' => [['ER' => Vector3::of(100, 0, 50)], []],
    'where the mate is off as well' => [['ER' => Vector3::of(100, 0, 0), 'EL' => Vector3::of(60, 0, 0)], []],
    'of a bent point, ten millimetres off' => [[], ['FR' => Vector3::of(10, 0, 0)]],
]);

it('asks of a chart that is a hundred out though its mate is off along another axis', function () {
    expect(askedOf(chartWithSlips(['ER' => Vector3::of(100, 0, 0), 'EL' => Vector3::of(0, 0, 60)])))->toHaveCount(1);
});

it('asks of no point whose readings do not check each other, and of none without a mate', function () {
    $few = fn (int $count): callable => function (Reading $r) use (&$kept, $count): bool {
        $kept[$r->id] ??= count(array_filter(array_keys($kept ?? []), fn (string $id): bool => str_contains($id, 'ER'))) < $count;

        return ! str_contains($r->id, 'ER') || $kept[$r->id];
    };
    expect(askedOf(chartWithSlips(['ER' => Vector3::of(100, 0, 0)]), $few(3)))->toBe([]);
    $lone = new Frame(array_map(fn (Point $p): Point => $p->id === 'ER' ? new Point($p->id, $p->name, $p->side, null, null, $p->reference->plus(Vector3::of(100, 0, 0)), $p->tolerance, false) : $p, Readings::ladder(6, 3)->points));
    expect(askedOf($lone))->toBe([]);
});

it('looks at a base point from where the others put it', function () {
    $doubts = askedOf(chartWithSlips(['CR' => Vector3::of(50, 0, 0)], 4));
    expect(array_map(fn (ChartDoubt $one): string => "$one->point $one->axis", $doubts))->toBe(['CR 0'])
        ->and($doubts[0]->suggested)->toEqualWithDelta(1500.0, 0.01)
        ->and($doubts[0]->measured)->toEqualWithDelta(1500.0, 1.0);
});

it('says how much likelier a slip is, and over a thousand no more than that', function () {
    expect(Said::mm(askedOf(chartWithSlips(['ER' => Vector3::of(100, 0, 0)]))[0]->text))->toContain('over a thousand times likelier');
    // 20 mm, 8 mm of bending, read to about 0.25 mm: exp(20²/2·8²) · 8/0.56 over the forms a slip may take.
    preg_match('/which is (\d+) times/', Said::mm(askedOf(chartWithSlips(['ER' => Vector3::of(20, 0, 0)]))[0]->text), $likelier);
    expect((int) $likelier[1])->toBeGreaterThan(12)->toBeLessThan(60);
});

it('looks at a base point that has drawn the datum towards itself from where all the others put it', function (Vector3 $slip, int $axis, float $is) {
    // Kept in the datum, it would share its fault out to the others: read from itself it is off by less than a figure.
    $doubts = askedOf(chartWithSlips(['BR' => $slip]), options: (new SurveyOptions)->withoutBaseTest());
    expect(array_map(fn (ChartDoubt $one): string => "$one->point $one->axis", $doubts))->toBe(["BR $axis"])
        ->and($doubts[0]->measured)->toEqualWithDelta($is, 1e-3)
        ->and($doubts[0]->chart)->toEqualWithDelta($is + $slip->toArray()[$axis], 1e-9)
        ->and($doubts[0]->suggested)->toEqualWithDelta($is, 1e-9);
    // BR stands at 800, 410, 420.
})->with([
    'an inch too far back' => [Vector3::of(25.4, 0, 0), 0, 800.0],
    'a hundred too high' => [Vector3::of(0, 0, 100), 2, 420.0],
]);

it('asks nothing of a base point where the others do not hold the frame without it', function () {
    // Two base points and this one: without it the rest could turn about the line between them.
    $points = array_map(fn (Point $p): Point => new Point($p->id, $p->name, $p->side, $p->mate, null, $p->id === 'AR' ? $p->reference->plus(Vector3::of(0, 0, 100)) : $p->reference, $p->tolerance, in_array($p->id, ['AL', 'AR', 'FL'], true)), Readings::ladder(6)->points);
    $asked = askedOf(new Frame($points), options: (new SurveyOptions)->withoutBaseTest());
    expect(array_filter($asked, fn (ChartDoubt $one): bool => $one->point === 'AR'))->toBe([]);
});

it('takes a point for wrong along one axis only where the others are within their tolerance', function (float $height, bool $asked) {
    // Three millimetres are allowed; what the readings are unsure of is added.
    expect(askedOf(chartWithSlips(['ER' => Vector3::of(100, 0, $height)]), sigma: 0.01) !== [])->toBe($asked);
})->with([[2.9, true], [-2.9, true], [3.1, false], [-3.1, false]]);

it('asks only where the number is surely out, beyond what is allowed', function (float $sigma, bool $asked) {
    // Ten are a figure; with a tolerance of three it takes 1.96 σ under seven, and a likelihood that a bend does not have.
    expect(askedOf(chartWithSlips(['ER' => Vector3::of(30, 0, 0)]), sigma: $sigma) !== [])->toBe($asked);
})->with([[0.2, true], [1.0, true], [20.0, false]]);

it('counts the readings that check each other', function (int $many, bool $asked) {
    $at = ['tram EL ER', 'tram DL ER', 'height ER', 'tram DR ER', 'tram CR ER', 'tram ER FR'];
    $keep = fn (Reading $reading): bool => ! in_array('ER', $reading->kind->points(), true) || in_array($reading->id, array_slice($at, 0, $many), true);
    expect(askedOf(chartWithSlips(['ER' => Vector3::of(100, 0, 0)]), $keep) !== [])->toBe($asked);
})->with([[3, false], [5, true]]);
