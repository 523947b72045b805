<?php

declare(strict_types=1);

use Geodex\Core\Failure\Refusal;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\Cutting;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Kick;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\RailLine;
use Geodex\Core\Plan\Shorten;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Units\InvalidQuantity;

/** A rail from 0 to 4000 mm that bends up at 1000 and down at 2000, by about one degree. */
function bentRail(): Frame
{
    $points = [];
    foreach ([[0, 500], [1000, 500], [2000, 520], [4000, 520]] as [$x, $z]) {
        foreach (['L' => -400, 'R' => 400] as $side => $y) {
            $points[] = new Point("$x$side", '', $side === 'L' ? Side::Left : Side::Right, null, null, Vector3::of($x, $y, $z), Tolerance::all(), true);
        }
    }

    return new Frame($points);
}

/** @return array{string, string, array<string, mixed>} code, sentence and facts of a refusal */
function refusalOf(Closure $act): array
{
    try {
        $act();
    } catch (Refusal $refusal) {
        return [$refusal->errorCode(), $refusal->getMessage(), $refusal->context()];
    }

    return ['', '', []];
}

describe('a plan that cannot be carried out', function () {
    it('says what, where, and what would be right', function (Closure $act, string $code, string $says, array $facts) {
        expect(refusalOf($act))->toEqual([$code, $says, $facts]);
    })->with([
        'too short' => [fn () => new Stretch('op1', 1500, 0.94), 'plan.length', 'Operation op1 changes the frame by 0.9 mm; give a length between 1 and 8000 mm.', ['operation' => 'op1', 'mm' => 0.94]],
        'too long' => [fn () => new Shorten('op2', 1500, 8000.5), 'plan.length', 'Operation op2 changes the frame by 8000.5 mm; give a length between 1 and 8000 mm.', ['operation' => 'op2', 'mm' => 8000.5]],
        'kerf' => [fn () => new Cutting(20.015), 'plan.kerf', 'A cut 20.02 mm wide is not made with a saw or disc; give 0 to 20 mm.', ['mm' => 20.015]],
        'kerf below nothing' => [fn () => new Cutting(-0.1), 'plan.kerf', 'A cut -0.1 mm wide is not made with a saw or disc; give 0 to 20 mm.', ['mm' => -0.1]],
        'in front of the frame' => [fn () => (new FramePlanner)->plan(bentRail(), [new Stretch('op1', -1, 100)]), 'plan.off-the-frame', 'Operation op1 cuts at station -1 mm, off the frame; it runs from 0 to 4000 mm.', ['operation' => 'op1', 'at' => -1.0, 'front' => 0.0, 'rear' => 4000.0]],
        'band runs off' => [fn () => (new FramePlanner)->plan(bentRail(), [new Shorten('op1', 3900, 101)]), 'plan.off-the-frame', 'Operation op1 cuts at station 4001 mm, off the frame; it runs from 0 to 4000 mm.', ['operation' => 'op1', 'at' => 4001.0, 'front' => 0.0, 'rear' => 4000.0]],
        'into each other' => [fn () => (new FramePlanner)->plan(bentRail(), [new Stretch('b', 2700, 50), new Shorten('a', 2500, 300)]), 'plan.overlap', 'Operations a and b cut into each other; move one, or make them one.', ['operations' => ['a', 'b']]],
        'at one place' => [fn () => (new FramePlanner)->plan(bentRail(), [new Stretch('a', 2500, 50), new Stretch('b', 2500, 50)]), 'plan.overlap', 'Operations a and b cut into each other; move one, or make them one.', ['operations' => ['a', 'b']]],
        'no such operation' => [fn () => OperationKinds::named('widen'), 'plan.unknown-kind', 'There is no operation “widen”; use stretch, shorten, replace, kick, move-axle, move-feature, add-feature, remove-feature, plate or box.', ['kind' => 'widen', 'known' => OperationKinds::names()]],
        'no chart' => [fn () => new RailLine(new Frame([])), 'plan.no-chart', 'There is no chart to plan on. Give at least two points their chart positions first.', []],
    ]);

    it('is taken up to its bounds', function () {
        expect((new Cutting(20.0))->kerf)->toBe(20.0)->and((new Cutting)->kerf)->toBe(0.0)->and((new Cutting)->level)->toBeFalse()->and((new Cutting)->witness)->toBe(100.0)
            ->and((new Stretch('a', 100, 1.0))->growth())->toBe(1.0)->and((new Shorten('a', 100, 8000.0))->growth())->toBe(-8000.0)
            ->and(count((new FramePlanner)->plan(bentRail(), [new Stretch('a', 0, 50), new Stretch('b', 4000, 50)])->cuts))->toBe(2);
    });

    it('wants witness marks somewhere', function (float $mm) {
        expect(fn () => new Cutting(3.0, $mm))->toThrow(InvalidQuantity::class, 'witness marks');
    })->with([0.0, -1.0, NAN]);
});

describe('the line of the rail', function () {
    it('bends only where its slope changes by more than half a degree, strictly inside a band', function () {
        $rail = new RailLine(bentRail());
        expect($rail->bends(500, 2500))->toBe([1000.0, 2000.0])->and($rail->bends(1000, 2000))->toBe([])->and($rail->bends(999, 2001))->toBe([1000.0, 2000.0])
            ->and($rail->bends(2100, 3900))->toBe([]);
    });

    it('slopes as its segment does', function (float $at, float $rise) {
        expect((new RailLine(bentRail()))->slope($at))->toEqualWithDelta(atan2($rise, 1000), 1e-12);
    })->with([[500, 0], [1500, 20], [3000, 0], [999, 0], [1001, 20], [1999, 20], [2001, 0]]);
});

it('kicks a rail by one to fifteen hundred millimetres, either way', function (float $height, bool $taken) {
    [$code] = refusalOf(fn () => new Kick('op1', 1500, $height, 30));
    expect($code)->toBe($taken ? '' : 'plan.kick');
})->with([[1.0, true], [-1.0, true], [0.99, false], [-0.99, false], [0.0, false], [1500.0, true], [-1500.0, true], [1500.5, false], [-1500.5, false], [INF, false], [NAN, false]]);

it('kicks no rail where there is none', function () {
    expect(refusalOf(fn () => (new FramePlanner)->plan(bentRail(), [new Kick('op1', 3900, 50, 30, takeOut: 200)]))[0])->toBe('plan.off-the-frame')
        ->and(refusalOf(fn () => (new FramePlanner)->plan(bentRail(), [new Kick('op1', 4001, 50, 30)]))[0])->toBe('plan.off-the-frame')
        ->and(refusalOf(fn () => (new FramePlanner)->plan(bentRail(), [new Kick('op1', 3000, 50, 30, takeOut: 200)]))[0])->toBe('');
});

it('is written down as it was given', function () {
    $kick = new Kick('op1', 1500.0, -80.0, 25.0, 40.0, new Cutting(3.0, 100.0), '500 behind A');
    expect($kick->values())->toMatchArray(['at' => '500 behind A', 'direction' => 'down', 'height' => 80.0, 'angle' => 25.0, 'takeOut' => 40.0, 'kerf' => 3.0])
        ->and((new Kick('op1', 1500.0, 80.0, 25.0))->values())->toMatchArray(['at' => 1500.0, 'direction' => 'up', 'height' => 80.0, 'takeOut' => 0.0]);
});
