<?php

declare(strict_types=1);

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\SourceComparer;
use Geodex\Core\Reference\SourceRegion;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** @return array<string, Vector3> the chart of a neighbouring year: its last rows stand 18 mm further back and 6 lower */
function neighbouringYear(array $chart, array $rows): array
{
    foreach ($chart as $id => $place) {
        if (in_array($id[0], $rows, true)) {
            $chart[$id] = $place->plus(Vector3::of(18, 0, -6));
        }
    }

    return $chart;
}

function regionsOf(array $regions): array
{
    return array_map(fn (SourceRegion $region): string => "$region->from-$region->to {$region->side->value}", $regions);
}

it('says in which region two charts disagree', function () {
    $one = Readings::truth(Readings::ladder(6));
    $comparison = (new SourceComparer)->compare($one, neighbouringYear($one, ['E', 'F']), ['Chart 1', 'Chart 2']);
    expect(regionsOf($comparison->regions))->toBe(['A-D agree', 'E-F open'])
        ->and($comparison->differences['FL']->minus(Vector3::of(18, 0, -6))->norm())->toBeLessThan(1e-9)
        ->and(Said::mm($comparison->text))->toBe('Rows A to D: both agree; rows E to F: they differ by up to 19.0 mm.');
});

it('says with which of them the readings side, region by region', function (array $truthRows, string $expected) {
    $frame = Readings::ladder(6);
    $one = Readings::truth($frame);
    $two = neighbouringYear($one, ['E', 'F']);
    $measured = (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour(neighbouringYear($one, $truthRows), Readings::noise(9, 0.5))));
    expect(Said::mm((new SourceComparer)->compare($one, $two, ['Chart 1', 'Chart 2'], $measured)->text))->toContain($expected);
})->with([
    'the first chart is right' => [[], 'rows E to F: the readings fit Chart 1'],
    'the second chart is right' => [['E', 'F'], 'rows E to F: the readings fit Chart 2'],
    'each is right in part' => [['F'], 'row E: the readings fit Chart 1; row F: the readings fit Chart 2'],
]);

it('lays two halves that differ together on the half that is taken as undamaged', function () {
    $one = Readings::truth(Readings::ladder(6));
    $two = neighbouringYear($one, ['D', 'E', 'F']);
    expect(regionsOf((new SourceComparer)->compare($one, $two, ['a', 'b'], base: ['AL', 'AR', 'BL', 'BR'])->regions))->toBe(['A-C agree', 'D-F open'])
        ->and(regionsOf((new SourceComparer)->compare($one, $two, ['a', 'b'], base: ['EL', 'ER', 'FL', 'FR'])->regions))->toBe(['A-C open', 'D-F agree']);
});

it('blames the frame where the readings fit neither', function () {
    $frame = Readings::ladder(6);
    $one = Readings::truth($frame);
    $bent = array_map(fn (Vector3 $p): Vector3 => $p->x > 2800 ? $p->plus(Vector3::of(-5, 30, 20)) : $p, $one);
    $measured = (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour($bent)));
    expect(Said::mm((new SourceComparer)->compare($one, neighbouringYear($one, ['E', 'F']), ['Chart 1', 'Chart 2'], $measured)->text))->toContain('fit neither');
});

it('does not care how the second source is placed or turned', function () {
    $one = Readings::truth(Readings::ladder(6));
    $two = array_map(fn (Vector3 $p): Vector3 => Vector3::of(500 - $p->x, 20 - $p->y, $p->z + 100), neighbouringYear($one, ['F']));
    expect(regionsOf((new SourceComparer)->compare($one, $two, ['a', 'b'])->regions))->toBe(['A-E agree', 'F-F open']);
});

it('names what only one of them has, and refuses two with nothing in common', function () {
    $one = Readings::truth(Readings::ladder(4));
    $two = $one;
    unset($two['DL']);
    expect((new SourceComparer)->compare($one, $two, ['a', 'b'])->only)->toBe(['DL'])
        ->and(Said::mm((new SourceComparer)->compare($one, $one, ['a', 'b'])->text))->toBe('a and b agree everywhere within 3 mm.')
        ->and(fn () => (new SourceComparer)->compare($one, ['AL' => $one['AL'], 'X' => $one['AR']], ['a', 'b']))->toThrow(DegenerateGeometry::class);
});

it('names what only one of the sources has, the first of them first, points called by numbers too', function () {
    $places = array_values(Readings::truth(Readings::ladder(5)));
    /** @var array<string, Vector3> $first */
    $first = array_combine(array_map(fn (int $i): string => (string) (11 + $i), array_keys($places)), $places);
    $comparison = (new SourceComparer)->compare(array_diff_key($first, ['13' => 1]), array_diff_key($first, ['18' => 1, '20' => 1]), ['one', 'other']);
    expect($comparison->only)->toBe(['18', '20', '13'])
        ->and(array_keys($comparison->differences))->toBe([11, 12, 14, 15, 16, 17, 19]);
});

it('lays them on the base points that both have, where two halves differ', function (array $base, array $moved) {
    $first = Readings::truth(Readings::ladder(6));
    $second = array_map(fn (Vector3 $at): Vector3 => $at->x > 1700 ? $at->plus(Vector3::of(25, 0, 0)) : $at, $first);
    $comparison = (new SourceComparer)->compare($first, $second, ['one', 'other'], null, $base);
    expect(array_keys(array_filter($comparison->differences, fn (Vector3 $off): bool => $off->norm() > 3.0)))->toBe($moved);
})->with([
    'the front, and a point that neither has' => [['Z', 'AL', 'AR', 'BL', 'BR'], ['DL', 'DR', 'EL', 'ER', 'FL', 'FR']],
    'the rear' => [['EL', 'ER', 'FL', 'FR'], ['AL', 'AR', 'BL', 'BR', 'CL', 'CR']],
]);
