<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\ChartChecker;
use Geodex\Core\Reference\ChartFault;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** @return list<string> kind and points of each fault of the ladder with points moved to these places */
function faultsAt(array $changed, int $rows = 5): array
{
    $points = array_map(fn (Point $p): Point => $p->at($changed[$p->id] ?? $p->reference), Readings::ladder($rows)->points);

    return array_map(fn (ChartFault $fault): string => $fault->kind->value.' '.implode('+', $fault->points), (new ChartChecker)->check(new Frame($points)));
}

// CL and CR stand at 1500, ∓390, 390; DL and DR at 2200, ∓410, 450.
it('lets mates differ by five millimetres and asks about more, along every axis, either way', function (Vector3 $right, bool $asked) {
    expect(faultsAt(['CR' => $right]))->toBe($asked ? ['mirror CL+CR'] : []);
})->with([
    [Vector3::of(1505, 390, 390), false],
    [Vector3::of(1495, 390, 390), false],
    [Vector3::of(1505.1, 390, 390), true],
    [Vector3::of(1494.9, 390, 390), true],
    [Vector3::of(1500, 395, 390), false],
    [Vector3::of(1500, 395.1, 390), true],
    [Vector3::of(1500, 384.9, 390), true],
    [Vector3::of(1500, 390, 395), false],
    [Vector3::of(1500, 390, 384.9), true],
]);

it('names each axis that does not mirror', function () {
    expect(faultsAt(['CR' => Vector3::of(1520, 430, 370)]))->toBe(['mirror CL+CR', 'mirror CL+CR', 'mirror CL+CR']);
});

it('takes one of two mates for inches where it is 25.4 times the other, within 0.3', function (float $height, string $kind) {
    expect(faultsAt(['CR' => Vector3::of(1500, 390, $height)])[0])->toBe("$kind CL+CR");
})->with([
    [390 / 25.4, 'units'],
    [390 / 25.65, 'units'],
    [390 / 25.15, 'units'],
    [390 / 25.75, 'mirror'],
    [390 / 25.05, 'mirror'],
    [390 * 25.4, 'units'],
    [0.0, 'mirror'],
]);

it('takes two points for one hole when they are closer than two millimetres', function (float $apart, bool $one) {
    expect(in_array('same-place CL+DL', faultsAt(['DL' => Vector3::of(1500, -390, 390 + $apart)]), true))->toBe($one);
})->with([[1.9, true], [2.1, false], [-1.9, true], [0.0, true]]);

it('finds a point too far from all others from three metres on, and none among two', function (float $x, bool $far) {
    expect(in_array('far-away M', array_map(fn (ChartFault $f): string => $f->kind->value.' '.implode('+', $f->points), (new ChartChecker)->check(new Frame([...Readings::ladder(3)->points, new Point('M', 'M', Side::Centre, null, null, Vector3::of($x, 0, 390), Tolerance::all(), false)]))), true))->toBe($far);
})->with([[1500 + 2900.0, false], [1500 + 3100.0, true]]);

it('says how far away', function () {
    $faults = (new ChartChecker)->check(new Frame(array_map(fn (Point $p): Point => $p->id === 'EL' ? $p->at(Vector3::of(29000, -390, 420)) : $p, Readings::ladder(5)->points)));
    expect(implode(' ', array_map(fn (ChartFault $f): string => Said::mm($f->text), $faults)))->toContain('EL lies 26.1 m from the nearest other point');
});

it('finds the whole frame in inches when it is shorter than 400 mm', function (float $scale, bool $inches) {
    $points = array_map(fn (Point $p): Point => $p->at($p->reference->times($scale)), Readings::ladder(5)->points);
    $kinds = array_map(fn (ChartFault $f): string => $f->kind->value.' '.count($f->points), (new ChartChecker)->check(new Frame($points)));
    expect(in_array('units 10', $kinds, true))->toBe($inches);
    // The ladder is 2800 mm long.
})->with([[0.14, true], [0.145, false]]);

it('says nothing of the extent of three points', function () {
    $points = array_slice(array_map(fn (Point $p): Point => $p->at($p->reference->times(0.05)), Readings::ladder(5)->points), 0, 3);
    expect(array_filter((new ChartChecker)->check(new Frame($points)), fn (ChartFault $f): bool => $f->kind->value === 'units'))->toBe([]);
});

it('names the points on the other side of what they are called', function () {
    expect(faultsAt(['CL' => Vector3::of(1500, 390, 390), 'CR' => Vector3::of(1500, -390, 390)]))->toBe(['axes CL+CR']);
});

it('takes a row for inches where its heights are about 25.4 times smaller: within fifteen in a hundred', function (float $height, bool $inches) {
    $faults = faultsAt(['DL' => Vector3::of(2200, -410, $height), 'DR' => Vector3::of(2200, 410, $height)]);
    expect(in_array('units DL+DR', $faults, true))->toBe($inches);
    // The usual height of the ladder is 420.
})->with([
    [420 / 25.4, true],
    [420 / (25.4 * 1.14), true],
    [420 / (25.4 * 0.86), true],
    [420 / (25.4 * 1.16), false],
    [420 / (25.4 * 0.84), false],
    [0.0, false],
]);

it('does not call half of all points odd', function () {
    $inches = [];
    foreach (['A', 'B', 'C'] as $i => $row) {
        $inches["{$row}L"] = Vector3::of(100 + 700 * $i, -390, 16);
        $inches["{$row}R"] = Vector3::of(100 + 700 * $i, 390, 16);
    }
    expect(array_filter(faultsAt($inches), fn (string $fault): bool => str_starts_with($fault, 'units')))->toBe([]);
});

it('wants three base points', function (int $base, array $faults) {
    $points = array_map(fn (Point $p, int $i): Point => new Point($p->id, $p->name, $p->side, $p->mate, null, $p->reference, $p->tolerance, $i < $base), Readings::ladder(3)->points, range(0, 5));
    expect(array_map(fn (ChartFault $f): string => $f->kind->value.' '.count($f->points), (new ChartChecker)->check(new Frame($points))))->toBe($faults);
})->with([[3, []], [2, ['base 2']], [0, ['base 0']]]);

it('names mates said to be on one side, once', function () {
    $points = Readings::ladder(3)->points;
    $points[1] = new Point('AR', 'A', Side::Left, 'AL', null, $points[1]->reference, $points[1]->tolerance, true);
    $said = array_map(fn (ChartFault $f): string => Said::mm($f->text), (new ChartChecker)->check(new Frame($points)));
    expect(array_values(array_filter($said, fn (string $s): bool => str_contains($s, 'are mates'))))->toBe(['AL and AR are mates, yet both are said to be left.']);
});

it('goes on after a point that has no mate, and after one whose mate has no chart', function () {
    $points = Readings::ladder(5)->points;
    $points[0] = new Point('AL', 'A', Side::Left, null, null, $points[0]->reference, $points[0]->tolerance, true);
    $points[3] = $points[3]->at(null);
    $points[7] = $points[7]->at($points[7]->reference->plus(Vector3::of(20, 0, 0)));
    expect(array_map(fn (ChartFault $fault): string => $fault->kind->value.' '.implode('+', $fault->points), (new ChartChecker)->check(new Frame($points))))->toContain('mirror DL+DR')->not->toContain('mirror BL+BR');
});

it('says which columns are swapped, and by how much the frame is longer there, to the millimetre', function (array $order, string $said) {
    $points = array_map(fn (Point $p): Point => $p->at(Vector3::of(...array_map(fn (int $k): float => $p->reference->toArray()[$k] * 0.9999, $order))), Readings::ladder(5)->points);
    $faults = array_map(fn (ChartFault $fault): string => Said::mm($fault->text), (new ChartChecker)->check(new Frame($points)));
    expect($faults)->toContain($said);
})->with([
    [[1, 0, 2], 'The frame is longer along its offsets (2800 mm) than along its stations (820 mm): two columns are probably swapped.'],
    [[2, 1, 0], 'The frame is longer along its heights (2800 mm) than along its stations (60 mm): two columns are probably swapped.'],
]);

it('takes four points for a frame whose extent says something, and no three', function (int $many, bool $asked) {
    $points = array_map(fn (Point $p): Point => $p->at($p->reference->times(1 / 25.4)), array_slice(Readings::ladder(5)->points, 0, $many));
    $units = array_filter((new ChartChecker)->check(new Frame($points)), fn (ChartFault $fault): bool => $fault->kind->value === 'units');
    expect($units !== [])->toBe($asked);
})->with([[3, false], [4, true]]);

it('takes a frame as long as it is wide for no swap, and one of just 400 mm for no inches', function () {
    $square = [];
    foreach ([['AL', 0.0, -200.0], ['AR', 0.0, 200.0], ['BL', 400.0, -200.0], ['BR', 400.0, 200.0]] as [$id, $x, $y]) {
        $square[] = new Point($id, $id, $y < 0 ? Side::Left : Side::Right, $id[0].($y < 0 ? 'R' : 'L'), null, Vector3::of($x, $y, 300), Tolerance::all(), true);
    }
    expect((new ChartChecker)->check(new Frame($square)))->toBe([]);
    $shorter = array_map(fn (Point $point): Point => $point->at($point->reference->times(0.99)), $square);
    expect(array_map(fn (ChartFault $fault): string => Said::mm($fault->text), (new ChartChecker)->check(new Frame($shorter))))->toBe(['The whole frame is 396 mm long: the chart is probably in inches.']);
});

it('allows a point on the centreline to be called left or right, and the middle to stand anywhere', function () {
    $points = [...Readings::ladder(3)->points, new Point('M', 'Middle', Side::Centre, null, null, Vector3::of(800, 120, 420), Tolerance::all(), false), new Point('N', 'Nose', Side::Left, null, null, Vector3::of(50, 0, 440), Tolerance::all(), false), new Point('O', 'Other', Side::Right, null, null, Vector3::of(1600, 0, 440), Tolerance::all(), false)];
    expect((new ChartChecker)->check(new Frame($points)))->toBe([]);
});

it('takes no offset of the middle for one in inches, but its height', function (float $offset, float $height, array $faults) {
    $points = [...Readings::ladder(3)->points, new Point('M', 'Middle', Side::Centre, null, null, Vector3::of(800, $offset, $height), Tolerance::all(), false)];
    expect(array_map(fn (ChartFault $fault): string => Said::mm($fault->text), (new ChartChecker)->check(new Frame($points))))->toBe($faults);
})->with([
    [390 / 25.4, 420.0, []],
    [0.0, 420 / 25.4, ['The height of M is about 25.4 times smaller than that of the others (420 mm): probably in inches.']],
]);

it('takes two holes exactly two millimetres apart for two', function () {
    expect(faultsAt(['DL' => Vector3::of(1500, -390, 392)]))->not->toContain('same-place CL+DL');
});

it('takes a point exactly three metres from the next for near enough, and two points for no frame', function (int $others, float $x, bool $far) {
    $points = [...array_slice(Readings::ladder(1)->points, 0, $others), new Point('M', 'M', Side::Centre, null, null, Vector3::of(100 + $x, -390, 450), Tolerance::all(), false)];
    expect(in_array('far-away M', array_map(fn (ChartFault $f): string => $f->kind->value.' '.implode('+', $f->points), (new ChartChecker)->check(new Frame($points))), true))->toBe($far);
})->with([[2, 3000.0, false], [2, 3001.0, true], [1, 9000.0, false]]);

it('names points called by numbers as they are called', function () {
    $number = ['AL' => '11', 'AR' => '12', 'BL' => '21', 'BR' => '22', 'CL' => '31', 'CR' => '32'];
    $points = array_map(fn (Point $p): Point => new Point($number[$p->id], $p->name, $p->side, $number[$p->mate], null, $p->id === 'BR' ? Vector3::of(800, 410, 420 / 25.4) : $p->reference, $p->tolerance, false), Readings::ladder(3)->points);
    expect(array_map(fn (ChartFault $fault): array => [$fault->kind->value, ...$fault->points], (new ChartChecker)->check(new Frame($points))))->toBe([['units', '21', '22'], ['units', '22'], ['base']]);
    $points[4] = $points[4]->at(Vector3::of(800, -410, 421.5));
    $points[5] = $points[5]->at(Vector3::of(5800, 410, 420));
    $faults = array_column(array_map(fn (ChartFault $fault): array => [$fault->kind->value, $fault], (new ChartChecker)->check(new Frame($points))), 1, 0);
    expect($faults['same-place']->points)->toBe(['21', '31'])
        ->and(Said::mm($faults['same-place']->text))->toBe('21 and 31 are 1.5 mm apart: one of them probably has the numbers of the other.')
        ->and($faults['far-away']->points)->toBe(['32'])
        ->and(Said::mm($faults['far-away']->text))->toStartWith('32 lies 5.0 m from the nearest other point')
        ->and($faults['base']->points)->toBe([]);
    expect((new ChartChecker)->check(new Frame(array_map(fn (Point $p): Point => $p->at($p->reference, null, $p->id === '12'), $points)))[5]->points)->toBe(['12']);
});
