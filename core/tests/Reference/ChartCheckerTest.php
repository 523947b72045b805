<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\ChartChecker;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** @return list<string> what is said of the ladder with these places changed */
function chartFaults(array $changed, ?callable $all = null): array
{
    $points = array_map(fn (Point $p): Point => $p->at($all === null ? ($changed[$p->id] ?? $p->reference) : $all($p->reference)), Readings::ladder(5)->points);

    return array_map(fn ($fault): string => "{$fault->kind->value}: ".Said::mm($fault->text), (new ChartChecker)->check(new Frame($points)));
}

it('has nothing to say of a good chart', function () {
    expect(chartFaults([]))->toBe([]);
});

it('names mates that do not mirror, and the likely slip', function () {
    expect(chartFaults(['CR' => Vector3::of(1510, 390, 390)]))->toBe(['mirror: CL and CR do not mirror: station 1500 mm and 1510 mm.'])
        ->and(implode(' ', chartFaults(['CR' => Vector3::of(1500, -390, 390)])))->toContain('a minus is probably missing')
        ->and(chartFaults(['CR' => Vector3::of(1500, 390, 390 / 25.4)])[0])->toBe('units: CL and CR do not mirror: height 390 mm and 15.35 mm. One is 25.4 times the other: one is probably in inches.');
});

it('names a point metres away and one hole entered twice', function () {
    expect(implode(' ', chartFaults(['EL' => Vector3::of(29000, -390, 390), 'ER' => Vector3::of(2900, 390, 420)])))->toContain('far-away: EL lies 26.')
        ->and(implode(' ', chartFaults(['DL' => Vector3::of(1500, -390, 390.5)])))->toContain('same-place: CL and DL are 0.5 mm apart');
});

it('names swapped columns, sides the wrong way round, and a chart in inches', function () {
    expect(implode(' ', chartFaults([], fn (Vector3 $p): Vector3 => Vector3::of($p->y, $p->x, $p->z))))->toContain('axes: The frame is longer along its offsets')
        ->and(implode(' ', chartFaults([], fn (Vector3 $p): Vector3 => Vector3::of($p->x, -$p->y, $p->z))))->toContain('Offsets are positive to the right')
        ->and(implode(' ', chartFaults([], fn (Vector3 $p): Vector3 => $p->times(1 / 25.4))))->toContain('units: The whole frame is 110 mm long');
});

it('names a row whose offset or height is in inches among millimetres', function () {
    expect(implode(' ', chartFaults(['DL' => Vector3::of(2200, -410 / 25.4, 450), 'DR' => Vector3::of(2200, 410 / 25.4, 450)])))->toContain('units: The offset of DL, DR is about 25.4 times smaller than that of the others')
        ->and(implode(' ', chartFaults(['DL' => Vector3::of(2200, -410, 450 / 25.4), 'DR' => Vector3::of(2200, 410, 450 / 25.4)])))->toContain('units: The height of DL, DR');
});

it('names mates that do not name each other, and too few base points', function () {
    $points = Readings::ladder(3, 1)->points;
    $points[0] = new Point('AL', 'A', $points[0]->side, 'BR', null, $points[0]->reference, $points[0]->tolerance, true);
    $said = implode(' ', array_map(fn ($fault): string => Said::mm($fault->text), (new ChartChecker)->check(new Frame($points))));
    expect($said)->toContain('AL names BR as its mate, but BR names BL')->toContain('2 points are marked as base');
});

it('says nothing of no chart', function () {
    expect((new ChartChecker)->check(new Frame([])))->toBe([]);
});
