<?php

declare(strict_types=1);

use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\Consequence;
use Geodex\Core\Plan\Consequences;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stand\HalfFrame;
use Geodex\Core\Plan\Stand\StandFields;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Trucks;

/**
 * @param  list<Operation>  $operations
 * @return array<string, Consequence>
 */
function consequencesOf(array $operations, ?Shop $shop = null, float $height = 360.0, array $more = []): array
{
    $points = array_map(fn (array $p): Point => new Point($p[0], '', $p[1] < 0 ? Side::Left : Side::Right, null, null, Vector3::of($p[2], $p[1], $height), Tolerance::all(), true), [['AL', -420, -600], ['AR', 420, -600], ['FL', -420, 5200], ['FR', 420, 5200]]);
    $chassis = Trucks::truck(['axles' => [['id' => 'front', 'station' => 0, 'tyreRadius' => 390], ['id' => 'rear', 'station' => 3450, 'tyreRadius' => 390]], 'features' => [...Trucks::document()['features'], ...$more]]);
    $frame = new Frame($points, [new Axle('front', 0, 390), new Axle('rear', 3450, 390)]);
    $rows = (new Consequences($shop ?? new Shop))->of((new FramePlanner)->plan($frame, $operations, $chassis));

    return array_combine(array_map(fn (Consequence $one): string => $one->name, $rows), $rows);
}

it('tells lengths before and after', function () {
    $rows = consequencesOf([new Stretch('op1', 1800, 640)]);
    expect([$rows['wheelbase']->before, $rows['wheelbase']->after])->toBe([3450.0, 4090.0])->and([$rows['length']->before, $rows['length']->after])->toBe([6000.0, 6640.0])
        ->and([$rows['overhang']->before, $rows['overhang']->after])->toBe([1850.0, 1850.0])->and($rows['overhang']->changes())->toBeFalse()->and($rows['overhangShare']->before)->toEqualWithDelta(100 * 1850 / 3450, 1e-9)->and($rows['overhangShare']->after)->toEqualWithDelta(100 * 1850 / 4090, 1e-9);
});

it('tells the breakover angle of the worked example: wheelbase 3450, radius 390, height 260: 17.44°', function () {
    // Points in the middle of a rail of 200: its lower edge is 100 lower.
    expect(consequencesOf([])['breakover']->before)->toEqualWithDelta(17.44, 0.005)
        ->and(consequencesOf([new Stretch('op1', 1800, 640)])['breakover']->after)->toBeLessThan(17.44);
});

it('tells the departure angle at the end of the rail', function () {
    // Overhang 1850, height 260: asin(390/√(1850² + 130²)) − atan2(130, 1850).
    expect(consequencesOf([])['departure']->before)->toEqualWithDelta(rad2deg(asin(390 / hypot(1850, 130)) - atan2(130, 1850)), 1e-9);
});

it('has no angle where nothing is known of the ground', function () {
    $rows = consequencesOf([], height: 50.0);
    expect($rows['breakover']->before)->toBeNull()->and($rows['departure']->before)->toBeNull();
});

it('tells the turning circle by the lock of the shop, growing with the wheelbase', function () {
    $rows = consequencesOf([new Stretch('op1', 1800, 345)], new Shop(['outerLock' => 30.0]));
    expect($rows['turning']->before)->toEqualWithDelta(13.8, 1e-9)
        ->and($rows['turning']->after)->toEqualWithDelta(15.18, 1e-9)
        ->and($rows['turning']->note)->toContain('30°')->toContain('own');
});

it('tells the distance from the back of the cab to the rear axle, which grows with a stretch behind the cab', function () {
    expect(consequencesOf([])['cabToAxle']->before)->toBeNull();
    $rows = consequencesOf([new Stretch('op1', 1800, 640)], more: [['id' => 'K', 'kind' => 'back-of-cab', 'station' => 1000]]);
    expect([$rows['cabToAxle']->before, $rows['cabToAxle']->after])->toBe([2450.0, 3090.0]);
});

it('weighs the steel that is put in and taken out', function (array $operations, float $kg) {
    expect(consequencesOf($operations)['steel']->after)->toEqualWithDelta($kg, 0.01);
})->with([
    // Two rails of 1968 mm², 7.85 kg per 10⁶ mm³.
    'put in' => [[new Stretch('op1', 1800, 640)], 2 * 1968 * 640 * 7.85e-6],
    'taken out' => [[new Shorten('op1', 1800, 400)], -2 * 1968 * 400 * 7.85e-6],
    'a plate on both tips' => [[OperationKinds::read('box', 'op1', ['from' => 1700, 'to' => 2200, 'thickness' => 6], new FieldReader)], 2 * 200 * 6 * 500 * 7.85e-6],
    'nothing' => [[], 0.0],
]);

describe('the halves of a cut frame', function () {
    it('weigh together what the frame does without its load, and turn about the same middle', function (float $cut) {
        [$front, $rear] = HalfFrame::both(Trucks::truck(), $cut);
        expect($front->mass + $rear->mass)->toEqualWithDelta(2000.0, 1e-9)
            ->and($front->mass * ($front->centre ?? 0) + $rear->mass * ($rear->centre ?? 0))->toEqualWithDelta(1100 * 150 + 900 * 3100.0, 1e-6);
    })->with([1000.0, 1800.0, 3000.0, 150.0, 5300.0]);

    it('stand on either side of their middles, clear of what is on the rail and of their ends', function () {
        foreach (HalfFrame::both(Trucks::truck(), 1800.0) as $half) {
            [$a, $b] = $half->supports;
            expect($a)->toBeGreaterThanOrEqual($half->from + 80)->toBeLessThan($half->centre)
                ->and($b)->toBeGreaterThan($half->centre)->toBeLessThanOrEqual($half->to);
            foreach (Trucks::truck()->fixtures as $fixture) {
                foreach ([$a, $b] as $x) {
                    expect($x <= $fixture->front() - 80 || $x >= $fixture->rear() + 80)->toBeTrue("{$fixture->called()} at $x");
                }
            }
        }
    });

    it('with nothing on it has no middle, and no posts are worked out for it', function () {
        [$front] = HalfFrame::both(Trucks::truck(['masses' => [['id' => 'M', 'name' => 'body', 'mass' => 900, 'station' => 3000]]]), 1800.0);
        $given = (new FieldReader)->read(StandFields::all(), ['cut' => 1800]);
        expect($front->mass)->toBe(0.0)
            ->and($front->centre)->toBeNull()
            ->and(StandFields::posts($front, $given))->toBeNull();
    });

    it('take the posts that a person gives, the front ones first', function () {
        [$front, $rear] = HalfFrame::both(Trucks::truck(), 1800.0);
        $given = (new FieldReader)->read(StandFields::all(), ['cut' => 1800, 'rearA' => 4800, 'rearB' => 2100]);
        expect(array_column(StandFields::posts($rear, $given)['supports'], 'station'))->toBe([2100.0, 4800.0])
            ->and(array_column(StandFields::posts($front, $given)['supports'], 'station'))->toBe($front->supports);
    });
});

describe('what is not known is not told', function () {
    /**
     * Consequences of nothing, for a truck with these axles (station and tyre radius) and rails, charted at a height.
     *
     * @param  list<array{float, ?float}>  $axles
     * @return array<string, ?float>
     */
    function toldOf(array $axles, ?array $rails = null, ?float $height = 360.0): array
    {
        $entries = array_map(fn (array $one, int $i): Axle => new Axle("axle$i", $one[0], $one[1]), $axles, array_keys($axles));
        $points = $height === null ? [] : array_map(fn (array $p): Point => new Point($p[0], '', $p[1] < 0 ? Side::Left : Side::Right, null, null, Vector3::of($p[2], $p[1], $height), Tolerance::all(), true), [['AL', -420, -600], ['AR', 420, -600], ['FL', -420, 5200], ['FR', 420, 5200]]);
        $frame = new Frame($points, $entries);
        $chassis = Trucks::truck(['axles' => array_map(fn (Axle $axle): array => array_filter(['id' => $axle->id, 'station' => $axle->station, 'tyreRadius' => $axle->tyreRadius], fn (mixed $one): bool => $one !== null), $entries), ...($rails === null ? [] : ['rails' => $rails]), 'features' => [], 'lines' => [], 'masses' => []], $frame);
        $rows = (new Consequences)->of((new FramePlanner)->plan($frame, [], $chassis));

        return array_combine(array_map(fn (Consequence $one): string => $one->name, $rows), array_map(fn (Consequence $one): ?float => $one->before === null ? null : round($one->before, 3), $rows));
    }

    it('of the ground under the rails', function (array $axles, ?array $rails, ?float $height, array $known) {
        $told = array_filter(array_intersect_key(toldOf($axles, $rails, $height), ['breakover' => 1, 'departure' => 1]), fn (?float $one): bool => $one !== null);
        expect(array_keys($told))->toBe($known);
    })->with([
        'both wheels' => [[[0, 390.0], [3450, 390.0]], null, 360.0, ['breakover', 'departure']],
        'the other way round' => [[[3450, 390.0], [0, 390.0]], null, 360.0, ['breakover', 'departure']],
        'no front wheel' => [[[0, null], [3450, 390.0]], null, 360.0, ['departure']],
        'no rear wheel' => [[[0, 390.0], [3450, null]], null, 360.0, []],
        'one axle' => [[[1000, 390.0]], null, 360.0, ['departure']],
        'no axle' => [[], null, 360.0, []],
        'no chart' => [[[0, 390.0], [3450, 390.0]], null, null, []],
        'no rail between the axles' => [[[0, 390.0], [3450, 390.0]], [['id' => 'R1', 'from' => 3000, 'to' => 5300, 'section' => Trucks::CHANNEL]], 360.0, ['departure']],
        'a right rail alone' => [[[0, 390.0], [3450, 390.0]], [['id' => 'R1', 'side' => 'right', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL]], 360.0, ['breakover', 'departure']],
        'the rail ends at the axle' => [[[0, 390.0], [3450, 390.0]], [['id' => 'R1', 'from' => -700, 'to' => 3450, 'section' => Trucks::CHANNEL]], 360.0, ['breakover']],
        // Points in the middle of a rail of 200: its lower edge is on the ground, and a millimetre above it.
        'a rail on the ground' => [[[0, 390.0], [3450, 390.0]], null, 100.0, []],
        'just above it' => [[[0, 390.0], [3450, 390.0]], null, 101.0, ['breakover', 'departure']],
    ]);

    it('of wheelbase and overhang', function (array $axles, array $told) {
        expect(array_intersect_key(toldOf($axles), $told))->toBe($told);
    })->with([
        'two' => [[[0, 390.0], [3450, 390.0]], ['wheelbase' => 3450.0, 'overhang' => 1850.0, 'overhangShare' => 53.623]],
        'one' => [[[1000, 390.0]], ['wheelbase' => null, 'overhang' => 4300.0, 'overhangShare' => null, 'turning' => null]],
        'none' => [[], ['wheelbase' => null, 'overhang' => null, 'overhangShare' => null]],
        'three, named from the rear' => [[[4600, 390.0], [3450, 390.0], [0, 390.0]], ['wheelbase' => 4600.0, 'overhang' => 700.0, 'overhangShare' => 15.217]],
        'two at one place' => [[[1000, 390.0], [1000, 390.0]], ['wheelbase' => 0.0, 'overhang' => 4300.0, 'overhangShare' => null]],
    ]);
});
