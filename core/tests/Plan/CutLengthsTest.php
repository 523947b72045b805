<?php

declare(strict_types=1);

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Plan\Cutting;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Kick;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Trucks;

it('marks and saws an insert longer by the kerf of the rail cut, which the insert makes up', function () {
    [$cut] = (new FramePlanner)->plan(new Frame(Readings::ladder(4)->points, [new Axle('front', 0), new Axle('rear', 2000)]), [new Stretch('op1', 500, 640, new Cutting(kerf: 3))])->cuts;
    expect([$cut->operation, $cut->what, $cut->mark, $cut->piece])->toBe(['op1', 'insert', 643.0, 643.0])
        ->and($cut->saw)->toBe('Saw the insert on the waste side of its mark; it makes up the kerf of the rail cut.');
});

it('marks a band at its length and finds it shorter by two kerfs on the bench', function () {
    [$cut] = (new FramePlanner)->plan(new Frame(Readings::ladder(4)->points, [new Axle('front', 0), new Axle('rear', 2000)]), [new Shorten('op1', 900, 300, new Cutting(kerf: 3))])->cuts;
    expect([$cut->operation, $cut->what, $cut->mark, $cut->piece])->toBe(['op1', 'band', 300.0, 294.0])
        ->and($cut->saw)->toBe('Saw inside both marks: the band between them is the waste.');
});

it('registers a stretch and a shorten, and makes each by its name', function () {
    expect(OperationKinds::names())->toBe(['stretch', 'shorten', 'replace', 'kick', 'move-axle', 'move-feature', 'add-feature', 'remove-feature', 'plate', 'box'])
        ->and(OperationKinds::named('shorten'))->toBe(Shorten::class)
        ->and(OperationKinds::named('stretch'))->toBe(Stretch::class);
});

it('takes what a joint draws in from the shop\'s method where nobody measured it', function (array $own, float $each) {
    $plan = (new FramePlanner(new Shop($own)))->plan(new Frame([], [new Axle('front', 0), new Axle('rear', 3300)]), [new Stretch('op1', 1800, 500, new Cutting(kerf: 2.5, gap: 2))], Trucks::truck());
    // Wall 6, gap 2, V of 60°: A = 12 + 36 tan 30°.
    expect($plan->cuts[0]->mark)->toEqualWithDelta(500 + 2.5 - 4 + 2 * $each, 1e-9);
})->with([
    'average width' => [[], 0.10 * (12 + 36 * tan(deg2rad(30))) / 6],
    'area and gap' => [['shrinkageOfArea' => 0.20, 'shrinkageOfGap' => 0.05], 0.20 * (12 + 36 * tan(deg2rad(30))) / 6 + 0.05 * 2],
]);

it('takes what the shop has measured first', function () {
    $plan = (new FramePlanner(new Shop(['shrinkageOfArea' => 0.5])))->plan(new Frame([], [new Axle('front', 0), new Axle('rear', 3300)]), [new Stretch('op1', 1800, 500, new Cutting(kerf: 2.5, gap: 2, shrinkage: 0.7))], Trucks::truck());
    expect($plan->cuts[0]->mark)->toEqualWithDelta(500 + 2.5 - 4 + 1.4, 1e-9);
});

it('saws a kick as a leg, which makes up the kerf where the rail is sawn once, and a band where some comes out', function (float $takeOut, float $kerf, array $cuts) {
    $kick = new Kick('op1', 1000, 100, 30, $takeOut, new Cutting(kerf: $kerf, gap: 2, shrinkage: 0.5));
    $plan = (new FramePlanner)->plan(new Frame(Readings::ladder(4)->points, [new Axle('front', 0), new Axle('rear', 2000)]), [$kick]);
    expect(array_map(fn ($cut): array => [$cut->what, round($cut->mark, 6), round($cut->piece, 6), $cut->drawsIn], $plan->cuts))->toBe($cuts);
})->with([
    // A leg of 100 mm at 30° is 200 mm long; two root gaps come off, two joints draw in.
    'sawn once' => [0.0, 3.0, [['insert', 200 + 3.0 - 4 + 1, 200 + 3.0 - 4 + 1, 1.0]]],
    'a band out' => [50.0, 3.0, [['band', 50.0, 44.0, 0.0], ['insert', 197.0, 197.0, 1.0]]],
    'hardly anything out' => [0.5, 0.0, [['band', 0.5, 0.5, 0.0], ['insert', 197.0, 197.0, 1.0]]],
]);

it('says of the least kick which way it goes', function (float $height, string $direction) {
    expect((new Kick('op1', 1000, $height, 30))->values())->toMatchArray(['direction' => $direction, 'height' => abs($height)]);
})->with([[1.0, 'up'], [-1.0, 'down']]);
