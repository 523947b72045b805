<?php

declare(strict_types=1);

use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\CarriedItem;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\CarriedChange;
use Geodex\Core\Plan\Cutting;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Said;

/**
 * Rails that rise 3 in 4 from station 1000 to 1800, and run together from 400 to 300 mm off the centre (right) and 360 (left) between
 * stations 2000 and 3000.
 *
 * @param  list<CarriedItem>  $carried
 */
function shapedRails(array $carried = []): Frame
{
    $points = [];
    foreach ([[0, 400, 400, 400], [1000, 400, 400, 400], [1800, 400, 400, 1000], [2000, 400, 400, 1000], [3000, 360, 300, 1000]] as [$x, $left, $right, $z]) {
        $points[] = new Point("{$x}L", '', Side::Left, null, null, Vector3::of($x, -$left, $z), Tolerance::all(), true);
        $points[] = new Point("{$x}R", '', Side::Right, null, null, Vector3::of($x, $right, $z), Tolerance::all(), true);
    }

    return new Frame($points, [new Axle('front', -200), new Axle('rear', 2800)], $carried);
}

function saidOf(PlannedFrame $plan): string
{
    return Said::mm($plan->warnings, "\n");
}

/** @return array<string, array{float, ?string}> */
function carriedBy(array $operations, array $items): array
{
    $changes = (new FramePlanner)->plan(shapedRails($items), $operations)->carried;

    return array_combine(array_map(fn (CarriedChange $one): string => $one->feature, $changes), array_map(fn (CarriedChange $one): array => [round($one->change, 6), $one->end], $changes));
}

describe('a cut on a slope', function () {
    it('says what the wheelbase gains of what was asked, how far the rear comes up, and how the vehicle then stands', function () {
        // Slope 36.87°: cos 0.8, sin 0.6; the wheelbase becomes 3080, and 60 mm over that are 1.12°.
        expect(saidOf((new FramePlanner)->plan(shapedRails(), [new Stretch('op1', 1400, 100)])))->toContain('op1: of the 100.0 mm asked the wheelbase gains 80.0 mm, and all behind it is raised by 60.0 mm, so that on its wheels the vehicle stands nose up by 1.12°: caster grows and the pinion, as the rear springs hold it, noses up by as much, and the headlamps throw 194.8 mm higher at 10 m, unless the rear axle is blocked or lowered to match.');
    });

    it('says the same of a shorten, the other way', function () {
        expect(saidOf((new FramePlanner)->plan(shapedRails(), [new Shorten('op1', 1400, 100)])))->toContain('op1: of the 100.0 mm asked the wheelbase loses 80.0 mm, and all behind it is lowered by 60.0 mm, so that on its wheels the vehicle stands nose down by 1.18°: caster shrinks and the pinion, as the rear springs hold it, noses down by as much, and the headlamps throw 205.5 mm lower at 10 m, unless the rear axle is blocked or lowered to match.');
    });

    it('raises nothing where the insert is laid level, and says nothing on a level rail', function () {
        expect(saidOf((new FramePlanner)->plan(shapedRails(), [new Stretch('op1', 1400, 100, new Cutting(0.0, 100.0, true))])))->toContain('op1: of the 100.0 mm asked the wheelbase gains 100.0 mm, and nothing behind it is raised or lowered.')
            ->and(saidOf((new FramePlanner)->plan(shapedRails(), [new Stretch('op1', 500, 100)])))->not->toContain('asked the wheelbase');
    });
});

describe('rails that taper in plan', function () {
    it('say by how much the ends of each side miss after a shorten', function () {
        // Over 200 mm the left rail comes in by 8, the right by 20.
        expect(saidOf((new FramePlanner)->plan(shapedRails(), [new Shorten('op1', 2300, 200)])))->toContain('op1: the rails taper in plan, so that after the cut the left ends miss each other by 8.0 mm, the rear one further in, and the right ends miss each other by 20.0 mm, the rear one further in.');
    });

    it('say nothing where they run parallel, or where something is put in', function () {
        expect(saidOf((new FramePlanner)->plan(shapedRails(), [new Shorten('op1', 300, 200)])))->not->toContain('taper')
            ->and(saidOf((new FramePlanner)->plan(shapedRails(), [new Stretch('op1', 2300, 200)])))->not->toContain('taper');
    });
});

describe('what runs along the frame', function () {
    it('changes by all of a stretch that it passes, whichever end is written first', function () {
        $expected = ['line' => [100.0, null]];
        expect(carriedBy([new Stretch('op1', 500, 100)], [new CarriedItem('line', [-100, 2600])]))->toBe($expected)
            ->and(carriedBy([new Stretch('op1', 500, 100)], [new CarriedItem('line', [2600, -100])]))->toBe($expected)
            ->and(carriedBy([new Stretch('op1', 500, 100)], [new CarriedItem('loom', [-300, 400]), new CarriedItem('pipe', [600, 2600])]))->toBe([]);
    });

    it('that ends inside a band changes by what is gone of it, and its end is named', function () {
        expect(carriedBy([new Shorten('op1', 300, 200)], [new CarriedItem('loom', [-300, 380])]))->toBe(['loom' => [-80.0, 'Its rear end lies in the piece that op1 takes out: it needs a new place.']])
            ->and(carriedBy([new Shorten('op1', 300, 200)], [new CarriedItem('pipe', [380, 2600])]))->toBe(['pipe' => [-120.0, 'Its front end lies in the piece that op1 takes out: it needs a new place.']])
            ->and(carriedBy([new Shorten('op1', 300, 200)], [new CarriedItem('line', [2600, -100])]))->toBe(['line' => [-200.0, null]]);
    });

    it('ends at the rear edge of a band where a person says so, over what is put in its place', function (array $path, bool $rearward, float $change) {
        // 100 out of 2000 to 2100, 300 in its place; the end at 2050: front edge −50, rear edge +250.
        $replace = OperationKinds::read('replace', 'op1', ['at' => 2000, 'length' => 100, 'insert' => 300], new FieldReader);
        expect(carriedBy([$replace], [new CarriedItem('pipe', $path, $rearward)])['pipe'][0])->toEqualWithDelta($change, 1e-9);
    })->with([
        'front edge' => [[1000, 2050], false, -50.0],
        'rear edge' => [[1000, 2050], true, 250.0],
        'rear edge, written from the rear' => [[2050, 1000], true, 250.0],
        'its front end, rear edge' => [[2050, 2600], true, -50.0],
        'its front end, front edge' => [[2050, 2600], false, 250.0],
        'no end in it' => [[1000, 2600], true, 200.0],
    ]);
});
