<?php

declare(strict_types=1);

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Plan\Cutting;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Tests\Support\Readings;

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
