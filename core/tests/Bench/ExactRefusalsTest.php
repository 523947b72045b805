<?php

declare(strict_types=1);

use Geodex\Core\Bench\Corner;
use Geodex\Core\Bench\EndPair;
use Geodex\Core\Bench\PanelLengths;
use Geodex\Core\Bench\SquareCheck;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Bench\VehicleSetter;
use Geodex\Core\Tests\Support\Said;

/** @param  callable(): mixed  $do */
function benchRefusal(callable $do): UnusableBench
{
    try {
        $do();
    } catch (UnusableBench $refused) {
        return $refused;
    }
    throw new LogicException('It was not refused.');
}

it('names the side, diagonal or accuracy that is no length', function (int $i, string $what) {
    $lengths = array_replace([1200.0, 1200.0, 5000.0, 5000.0, 5142.0, 5142.0, 0.3], [$i => 0.0]);
    $refused = benchRefusal(fn () => new PanelLengths(...$lengths));
    expect($refused->getMessage())->toBe("$what is 0 mm; it has to be more than zero.")
        ->and($refused->context())->toBe(['what' => $what, 'mm' => 0.0]);
})->with([
    [0, 'The front side'],
    [1, 'The rear side'],
    [2, 'The left side'],
    [3, 'The right side'],
    [4, 'The diagonal from front left'],
    [5, 'The diagonal from front right'],
    [6, 'The accuracy of a length'],
]);

it('names what a square check cannot be made of', function (array $with, string $what) {
    $given = ['a' => 2154.0, 'b' => 2154.0, 'length' => 2000.0, 'width' => 800.0, 'sigma' => 1.0, 'tolerance' => 3.0, 'otherLength' => 2000.0, 'otherWidth' => 800.0];
    expect(benchRefusal(fn () => SquareCheck::of(...[...$given, ...$with]))->context()['what'])->toBe($what);
})->with([
    [['a' => -1.0], 'The diagonal from front left'],
    [['b' => 0.0], 'The diagonal from front right'],
    [['length' => 0.0], 'The rail length'],
    [['width' => -800.0], 'The width'],
    [['otherLength' => 0.0], 'The other rail length'],
    [['otherWidth' => -1.0], 'The other width'],
    [['sigma' => 0.0], 'The accuracy of a diagonal'],
    [['tolerance' => INF], 'The tolerance'],
]);

it('names the diagonal of a quick round that is none, and diagonals too unlike for any bench', function () {
    expect(benchRefusal(fn () => (new SquarePlanner)->quick(0.0, 5000.0, null, 1.0))->context()['what'])->toBe('The diagonal from front left')
        ->and(benchRefusal(fn () => (new SquarePlanner)->quick(5000.0, -1.0, null, 1.0))->context()['what'])->toBe('The diagonal from front right')
        ->and(benchRefusal(fn () => (new SquarePlanner)->quick(5000.0, 5251.0, null, 1.0))->errorCode())->toBe('bench.lengths-do-not-close')
        ->and((new SquarePlanner)->quick(5000.0, 5249.0, null, 1.0)->square)->toBeFalse();
});

it('says the facts of a refusal beside its words', function () {
    expect(UnusableBench::outOfReach(Corner::FrontLeft, Corner::RearRight, 3.25)->context())->toBe(['high' => Corner::FrontLeft->value, 'low' => Corner::RearRight->value, 'mm' => 3.25])
        ->and(UnusableBench::beyondTravel(Corner::RearLeft, 70.0, 60.0)->context())->toBe(['corner' => Corner::RearLeft->value]);
});

it('takes the width of a pair from both of its points', function () {
    expect(benchRefusal(fn () => new EndPair(0, -400, 300, 0, 0, 0))->context()['mm'])->toBe(-100.0)
        ->and((new EndPair(0, -100, 300, 0, 0, 0))->offCentre())->toBe(200.0);
});

it('says in which way each end stands off', function (array $front, array $rear, array $says, float $worst) {
    $pair = fn (float $station, array $of): EndPair => new EndPair($station, $of[0], $of[1], $of[2], $of[3], $station);
    $plan = (new VehicleSetter)->plan($pair(500, $front), $pair(3500, $rear), 1.0, 200.0, 200.0);
    expect(array_map(Said::mm(...), $plan->left))->toBe($says)
        ->and($plan->worst)->toEqualWithDelta($worst, 1e-9)
        ->and($plan->readyToTack)->toBe($says === []);
})->with([
    'front left, rear right' => [[403, 397, 200, 200], [398, 402, 200, 200], ['the front stands 3.0 mm to the left', 'the rear stands 2.0 mm to the right'], 3.0],
    'front low, rear high' => [[400, 400, 197, 197], [400, 400, 202, 202], ['the front pair stands 3.0 mm low', 'the rear pair stands 2.0 mm high'], 3.0],
    'right lower' => [[400, 400, 202, 198], [400, 400, 202, 198], ['the right side is 4.0 mm lower than the left'], 4.0],
    'wound' => [[400, 400, 200, 200], [400, 400, 202, 198], ['the right side is 2.0 mm lower than the left', 'its two ends roll against each other by 4.0 mm: find what holds it up, or the frame is twisted'], 4.0],
    'at the tolerance' => [[401, 399, 200, 200], [400, 400, 200, 200], [], 1.0],
]);

it('says of a quick round which side sits rearward, and by how much where a side is known', function (float $a, float $b, ?float $length, string $says) {
    expect(Said::mm((new SquarePlanner)->quick($a, $b, $length, 1.0)->text))->toContain($says);
})->with([
    [5150.0, 5140.0, 5000.0, 'The right side sits 5.1 mm rearward: pull the left front corner and the right rear corner towards each other.'],
    [5140.0, 5150.0, 5000.0, 'The left side sits 5.1 mm rearward: pull the right front corner and the left rear corner towards each other.'],
    [5140.0, 5150.0, null, 'The left side sits rearward: pull the right front corner'],
]);
