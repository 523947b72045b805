<?php

declare(strict_types=1);

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Said;

/** Straight, level, parallel rails with a point every 1000 mm, axles at 500 and 3500. */
function straightRails(array $axles = ['front' => 500, 'rear' => 3500]): Frame
{
    $points = [];
    foreach ([0, 1000, 2000, 3000, 4000] as $i => $x) {
        foreach (['L' => -400, 'R' => 400] as $side => $y) {
            $points[] = new Point('ABCDE'[$i].$side, '', $side === 'L' ? Side::Left : Side::Right, null, null, Vector3::of($x, $y, 500), Tolerance::all(), true);
        }
    }

    return new Frame($points, array_map(fn (string $id, float $x): Axle => new Axle($id, $x), array_keys($axles), $axles));
}

/** @return list<string> all that is said of a plan, in mm */
function warnedOf(array $operations, ?Frame $frame = null): array
{
    return array_map(Said::mm(...), (new FramePlanner)->plan($frame ?? straightRails(), $operations)->warnings);
}

describe('what a plan is warned of', function () {
    it('is nothing for a cut clear of holes and axles on a straight, level rail', function () {
        expect(warnedOf([new Stretch('op1', 1500, 300)]))->toBe([])
            ->and(warnedOf([new Shorten('op1', 1200, 300)]))->toBe([]);
    });

    it('is a hole nearer than 75 mm to a cut, in front of it or behind', function (float $at, bool $warned) {
        expect(warnedOf([new Stretch('op1', $at, 300)]))->toBe($warned ? ['op1 cuts within 75 mm of CL, CR; keep cuts clear of holes and mounts (shop default).'] : []);
    })->with([[1925.5, true], [1925.0, false], [1924.5, false], [2074.5, true], [2075.0, false], [2075.5, false]]);

    it('is a hole near either end of a band that is taken out', function (float $at, float $length, string $near) {
        expect(warnedOf([new Shorten('op1', $at, $length)]))->toBe(["op1 cuts within 75 mm of $near; keep cuts clear of holes and mounts (shop default)."]);
    })->with([[1060, 300, 'BL, BR'], [1600, 350, 'CL, CR']]);

    it('is an axle nearer than 300 mm, before or behind, at either end of the band', function (array $axles, object $operation, bool $warned) {
        expect(warnedOf([$operation], straightRails($axles)))->toBe($warned ? ['op1 cuts within 300 mm of the rear axle; keep cuts away from spring hangers and suspension mounts (shop default).'] : []);
    })->with([
        'behind the axle' => [['front' => 500, 'rear' => 1301], new Stretch('op1', 1300, 200), true],
        'before it' => [['front' => 500, 'rear' => 1599.5], new Stretch('op1', 1300, 200), true],
        'at 300' => [['front' => 500, 'rear' => 1600], new Stretch('op1', 1300, 200), false],
        'end of a band' => [['front' => 500, 'rear' => 1899], new Shorten('op1', 1100, 500), true],
        'clear of a band' => [['front' => 500, 'rear' => 1950], new Shorten('op1', 1100, 500), false],
    ]);

    it('is a cut outside the axles, which changes the overhang only', function (float $at, bool $outside) {
        $frame = straightRails(['front' => 600, 'middle' => 1000, 'rear' => 2100]);
        expect(in_array('op1 lies outside the axles: the wheelbase stays, the overhang changes.', warnedOf([new Stretch('op1', $at, 200)], $frame), true))->toBe($outside);
    })->with([[2500, true], [200, true], [1500, false], [2099, false], [601, false]]);

    it('says nothing of the wheelbase with one axle only', function () {
        expect(warnedOf([new Stretch('op1', 2500, 200)], straightRails(['only' => 500])))->toBe([]);
    });

    it('is what a band takes out: mounts, and an axle', function () {
        expect(warnedOf([new Shorten('op1', 1800, 400)], straightRails(['front' => 500, 'rear' => 1810])))->toBe([
            'op1 takes out the rail that carries CL, CR; what is mounted there needs a new place.',
            'op1 takes out the rail over the rear axle.',
            'op1 cuts within 300 mm of the rear axle; keep cuts away from spring hangers and suspension mounts (shop default).',
        ]);
    });

    it('takes out nothing at the very ends of a band', function () {
        expect(implode(' ', warnedOf([new Shorten('op1', 2000, 300)])))->not->toContain('takes out')
            ->and(implode(' ', warnedOf([new Shorten('op1', 1700, 300)])))->not->toContain('takes out');
    });
});

it('takes a cut at the foremost or the rearmost axle for no overhang', function (float $at) {
    expect(implode("\n", warnedOf([new Stretch('op1', $at, 300)], straightRails(['front' => 1300, 'rear' => 2700]))))->toContain('axle; keep cuts away')->not->toContain('overhang');
})->with([1300.0, 2700.0]);
