<?php

declare(strict_types=1);

use Geodex\Core\Bench\BenchPlan;
use Geodex\Core\Bench\CornerHeights;
use Geodex\Core\Bench\EndPair;
use Geodex\Core\Bench\Jig;
use Geodex\Core\Bench\LevelPlanner;
use Geodex\Core\Bench\PanelLengths;
use Geodex\Core\Bench\SquareCheck;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Bench\VehicleSetter;
use Geodex\Core\Tests\Support\Kept;
use Geodex\Core\Tests\Support\Said;

/**
 * What a round comes to, or why it comes to nothing.
 *
 * @param  callable(): object  $plan
 * @return list<mixed>
 */
function roundOf(callable $plan): array
{
    try {
        $made = $plan();
    } catch (UnusableBench $refused) {
        return [$refused->errorCode(), $refused->getMessage(), $refused->context()];
    }

    return $made instanceof BenchPlan ? [$made, $made->says(), $made->largestMove()] : [$made];
}

it('squares a bench as kept', function () {
    $rounds = [];
    foreach ([[0, 0, 0, 0], [0, 12, 0, 12], [6, 0, -6, 0], [3, -7, 9, 2], [-15, 4, 0, 0], [1, 1, -1, -1], [0.2, -0.3, 0.1, 0.4]] as $i => [$lx, $ly, $rx, $ry]) {
        $d = fn (array $p, array $q): float => hypot($q[0] - $p[0], $q[1] - $p[1]);
        [$l, $r] = [[4000 + $lx, $ly], [4000 + $rx, 1100 + $ry]];
        foreach ([0.0, 2.4, -5.0] as $wrong) {
            $panel = fn (): PanelLengths => new PanelLengths(1100.0, $d($l, $r), $d([0, 0], $l), $d([0, 1100], $r), $d([0, 0], $r) + $wrong, $d([0, 1100], $l));
            $rounds["$i, wrong by $wrong"] = roundOf(fn (): object => (new SquarePlanner)->plan($panel(), 1.5));
            $rounds["$i, quick, wrong by $wrong"] = roundOf(fn (): object => (new SquarePlanner)->quick($panel()->diagonalA, $panel()->diagonalB, $i % 2 === 0 ? 4000.0 : null, 1.5));
        }
    }
    foreach ([[2162.2, 2146.0, 2000, null, 1.0, 3.0, null, null], [2146.0, 2162.2, 2000, 800, 1.0, 3.0, null, null], [2154, 2154, 2000, 800, 0.5, 3.0, 2000, 800], [2154, 2154, 2000, 800, 0.5, 3.0, 2012, 800], [2154, 2154, 2000, 800, 0.5, 3.0, 2000, 809], [2155, 2154, 2000, 800, 0.2, 3.0, 2001, 801], [2154, 2154, 2000, 800, 1.0, 3.0, 2000, null], [2154, 2154, 2000, null, 1.0, 3.0, 2000, 800], [900, 900, 2000, 800, 1.0, 3.0, null, null], [2154, 0, 2000, null, 1.0, 3.0, null, null], [9000, 2154, 2000, 800, 1.0, 3.0, null, null], [3300, 3300, 2000, 800, 1.0, 3.0, null, null], [2154, 2154, 2000, 800, -1.0, 3.0, null, null], [2154, 2154, 2000, 800, 1.0, 0.0, null, null]] as $i => $given) {
        $rounds["check $i"] = roundOf(fn (): object => SquareCheck::of(...$given));
    }
    Kept::same('bench-square', $rounds);
});

it('levels a bench as kept', function () {
    $rounds = [];
    foreach ([[100, 103, 98, 109], [0, 0, 0, 0], [-4, 4, 4, -4], [12, 10, 2, 0], [1, 1, 1, 1.4], [90, 0, 0, 90]] as $i => $heights) {
        foreach ([['length' => 5000.0, 'width' => 1200.0, 'pitch' => 2.0, 'travel' => 60.0], ['length' => null, 'width' => null, 'pitch' => 3.0, 'travel' => 60.0]] as $k => $jig) {
            $rounds["above $i, jig $k"] = roundOf(fn (): object => (new LevelPlanner)->plan(new Jig(...$jig), CornerHeights::above(...$heights)));
            $rounds["below $i, jig $k"] = roundOf(fn (): object => (new LevelPlanner)->plan(new Jig(...$jig), CornerHeights::below(...$heights), ['front-left' => 30.0, 'front-right' => 10.0, 'rear-left' => 55.0, 'rear-right' => 5.0]));
            $rounds["slopes $i, jig $k"] = roundOf(fn (): object => (new LevelPlanner)->plan(new Jig(...$jig), CornerHeights::slopes(new Jig(...$jig), ...array_map(fn (float $one): float => $one / 100, $heights))));
        }
    }
    Kept::same('bench-level', $rounds);
});

it('sets a vehicle on it as kept', function () {
    $rounds = [];
    foreach ([[397, 403, 200, 200, 402, 398, 200, 200], [400, 400, 200, 200, 400, 400, 200, 200], [400, 401, 200.2, 199.9, 400.5, 400, 200, 200.3], [396, 404, 205, 199, 401, 399, 210, 214], [400, 400, 198, 202, 400, 400, 198, 202], [400, 400, 201, 199, 400, 400, 199, 201], [400, 400, 205, 205, 400, 400, 198, 198]] as $i => $at) {
        foreach ([[null, null], [200.0, 200.0], [203.0, 198.0]] as $k => [$front, $rear]) {
            foreach ([[500.0, 3500.0], [900.0, 3000.0]] as $s => [$a, $b]) {
                $rounds["$i, wanted $k, supports $s"] = roundOf(fn (): object => (new VehicleSetter)->plan(new EndPair(500, $at[0], $at[1], $at[2], $at[3], $a), new EndPair(3500, $at[4], $at[5], $at[6], $at[7], $b), 1.0, $front, $rear));
            }
        }
    }
    $rounds['at one station'] = roundOf(fn (): object => (new VehicleSetter)->plan(new EndPair(500, 400, 400, 200, 200, 500), new EndPair(549, 400, 400, 200, 200, 3500), 1.0));
    $rounds['fifty apart'] = roundOf(fn (): object => (new VehicleSetter)->plan(new EndPair(500, 400, 400, 200, 200, 500), new EndPair(600, 402, 400, 200, 200, 3500), 1.0));
    Kept::same('bench-vehicle', $rounds);
});

describe('what a square round comes to in words', function () {
    it('is told with the side that sits rearward, and what contradicts itself', function () {
        $made = roundOf(fn (): object => (new SquarePlanner)->plan(new PanelLengths(1200, 1200, 5000, 5000, hypot(5000, 1200) + 14, hypot(5000, 1200) - 6), 1.0));
        $says = array_map(Said::mm(...), $made[1]);
        expect($says[1])->toStartWith('By its diagonals the right side sits ')->and($says[2])->toStartWith('The six lengths contradict each other by ');
        $other = roundOf(fn (): object => (new SquarePlanner)->plan(new PanelLengths(1200, 1200, 5000, 5000, hypot(5000, 1200) - 6, hypot(5000, 1200) + 14), 1.0));
        expect(Said::mm($other[1][1]))->toStartWith('By its diagonals the left side sits ');
    });
});
