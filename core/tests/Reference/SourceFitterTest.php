<?php

declare(strict_types=1);

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\SourceFitter;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Tests\Support\Readings;

/** @return array<string, Vector3> */
function shifted(array $places, array $rows, Vector3 $by): array
{
    foreach ($places as $id => $place) {
        $places[$id] = in_array($id[0], $rows, true) ? $place->plus($by) : $place;
    }

    return $places;
}

function surveyOf(array $truth, float $sigma = 1.0): SurveyResult
{
    $readings = array_map(fn ($r) => new Geodex\Core\Survey\Reading\Reading($r->id, $r->kind, $r->value, $sigma), Readings::tour($truth));

    return (new SurveyComputer)->compute(Readings::ladder(count($truth) >> 1), Readings::survey($readings));
}

describe('the points on which two sources agree', function () {
    it('are all but those that were moved', function () {
        $one = Readings::truth(Readings::ladder(6));
        $two = shifted($one, ['F'], Vector3::of(18, 0, -6));
        $agreed = (new SourceFitter)->agreed($one, $two, array_keys($one), ['AL', 'AR', 'BL']);
        expect($agreed)->toBe(['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'DL', 'DR', 'EL', 'ER']);
    });

    it('are found from all points where the base points stand in one line', function () {
        $one = Readings::truth(Readings::ladder(6));
        $two = shifted($one, ['A'], Vector3::of(0, 25, 0));
        $agreed = (new SourceFitter)->agreed($one, $two, array_keys($one), ['AL', 'AR']);
        expect($agreed)->toBe(['BL', 'BR', 'CL', 'CR', 'DL', 'DR', 'EL', 'ER', 'FL', 'FR']);
    });

    it('are those nearest the base points where half stands against half', function (array $base, array $rows) {
        $one = Readings::truth(Readings::ladder(6));
        $two = shifted($one, ['D', 'E', 'F'], Vector3::of(20, 0, 0));
        $agreed = (new SourceFitter)->agreed($one, $two, array_keys($one), $base);
        expect(array_values(array_unique(array_map(fn (string $id): string => $id[0], $agreed))))->toBe($rows)
            ->and($agreed)->toHaveCount(6);
    })->with([[['AL', 'AR', 'BL', 'BR'], ['A', 'B', 'C']], [['EL', 'ER', 'FL', 'FR'], ['D', 'E', 'F']]]);

    it('are at least three, whatever they differ by', function () {
        $one = Readings::truth(Readings::ladder(2));
        $two = ['AL' => $one['AL']->plus(Vector3::of(40, 0, 0)), 'AR' => $one['AR'], 'BL' => $one['BL']->plus(Vector3::of(0, 0, 60)), 'BR' => $one['BR']];
        expect(count((new SourceFitter)->agreed($one, $two, array_keys($one), ['AL', 'AR', 'BL'])))->toBeGreaterThanOrEqual(3);
    });

    it('are the better half where none are near: of seven points four', function (int $many, int $kept) {
        // A second source that no motion lays on the first: every point off by decimetres, each its own way.
        $one = array_slice(Readings::truth(Readings::ladder(6)), 0, $many);
        $two = [];
        foreach (array_keys($one) as $i => $id) {
            $two[$id] = $one[$id]->plus(Vector3::of(150 * cos(2.4 * $i), 150 * sin(2.4 * $i), 40 * ($i % 3)));
        }
        expect((new SourceFitter)->agreed($one, $two, array_keys($one), []))->toHaveCount($kept);
    })->with([[5, 3], [6, 3], [7, 4], [8, 4], [9, 5], [12, 6]]);

    it('are named in order, points called by numbers too', function () {
        /** @var array<string, Vector3> $one */
        $one = [];
        /** @var array<string, Vector3> $two */
        $two = [];
        foreach (array_values(Readings::truth(Readings::ladder(4))) as $i => $place) {
            $one[(string) (20 - $i)] = $place;
            $two[(string) (20 - $i)] = $i === 2 ? $place->plus(Vector3::of(0, 0, 30)) : $place;
        }
        expect((new SourceFitter)->agreed($one, $two, array_map(strval(...), array_keys($one)), []))->toBe(['13', '14', '15', '16', '17', '19', '20']);
    });

    it('are refused where all stand in one line', function () {
        $line = ['a' => Vector3::of(0, 0, 0), 'b' => Vector3::of(500, 0, 0), 'c' => Vector3::of(900, 0, 0)];
        (new SourceFitter)->agreed($line, $line, ['a', 'b', 'c'], ['a', 'b', 'c']);
    })->throws(DegenerateGeometry::class);
});

it('lays one source on another: what was turned and shifted comes back', function () {
    $one = Readings::truth(Readings::ladder(3));
    $two = array_map(fn (Vector3 $p): Vector3 => Vector3::of(-$p->y + 900, $p->x - 40, $p->z + 7), $one);
    $motion = (new SourceFitter)->motion($two, $one, ['AL', 'BR', 'CL']);
    foreach ($one as $id => $place) {
        expect($motion->apply($two[$id])->minus($place)->norm())->toBeLessThan(1e-9);
    }
});

describe('how well readings fit two sources', function () {
    it('is told in squares of what is off over its uncertainty, never under half a millimetre', function () {
        $one = Readings::truth(Readings::ladder(4));
        $two = shifted($one, ['D'], Vector3::of(0, 0, 6));
        $measured = surveyOf($one, 0.01);
        $fits = (new SourceFitter)->squares($one, $two, ['AL', 'AR', 'BL', 'BR', 'CL', 'CR'], $measured);
        // The readings are as good as exact, so half a millimetre counts: (6 / 0.5)² = 144.
        expect(array_keys($fits))->toBe(array_keys($one))->and($fits['DL'][0])->toEqualWithDelta(0.0, 1e-6)->and($fits['DL'][1])->toEqualWithDelta(144.0, 1e-3)->and($fits['DL'][2])->toBe(3.0)
            ->and($fits['AL'][1])->toEqualWithDelta(0.0, 1e-6);
    });

    it('weighs each axis by its own uncertainty', function () {
        $one = Readings::truth(Readings::ladder(4));
        $measured = surveyOf($one, 3.0);
        $two = shifted($one, ['D'], Vector3::of(4, 5, 6));
        $s = $measured->point('DR')->sigma;
        $fits = (new SourceFitter)->squares($one, $two, ['AL', 'AR', 'BL', 'BR'], $measured);
        expect($fits['DR'][1])->toEqualWithDelta((4 / max(0.5, $s->x)) ** 2 + (5 / max(0.5, $s->y)) ** 2 + (6 / max(0.5, $s->z)) ** 2, 1e-3);
    });

    it('leaves out a point that the readings do not place', function () {
        $one = Readings::truth(Readings::ladder(4));
        $readings = array_values(array_filter(Readings::tour($one), fn ($reading): bool => ! in_array('DR', $reading->kind->points(), true) || $reading->id === 'tram CR DR'));
        $measured = (new SurveyComputer)->compute(Readings::ladder(4), Readings::survey($readings));
        $without = (new SurveyComputer)->compute(Readings::ladder(4), Readings::survey(array_values(array_filter($readings, fn ($reading): bool => $reading->id !== 'tram CR DR'))));
        expect((new SourceFitter)->squares($one, $one, ['AL', 'AR', 'BL', 'DR'], $measured))->toHaveCount(7)->not->toHaveKey('DR')
            ->and((new SourceFitter)->squares($one, $one, ['AL', 'AR', 'BL', 'DR'], $without))->toHaveCount(7)->not->toHaveKey('DR');
    });

    it('leaves out what one of the sources lacks', function () {
        $one = Readings::truth(Readings::ladder(4));
        $fits = (new SourceFitter)->squares($one, array_diff_key($one, ['CL' => 1]), ['AL', 'AR', 'BL', 'BR'], surveyOf($one));
        expect($fits)->toHaveCount(7)->not->toHaveKey('CL');
    });

    it('is not told where the agreed points that are measured do not hold the frame', function () {
        $one = Readings::truth(Readings::ladder(4));
        expect((new SourceFitter)->squares($one, $one, ['AL', 'AR', 'Z'], surveyOf($one)))->toBe([]);
    });
});
