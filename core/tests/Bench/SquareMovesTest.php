<?php

declare(strict_types=1);

use Geodex\Core\Bench\Corner;
use Geodex\Core\Bench\EndPair;
use Geodex\Core\Bench\PanelLengths;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Bench\VehicleSetter;
use Geodex\Core\Tests\Support\Said;

/**
 * Lengths of a bench with its front beam from (0, 0) to (0, width), x rearward and y to the right.
 *
 * @param  array{float, float}  $rearLeft
 * @param  array{float, float}  $rearRight
 */
function panelOf(float $width, array $rearLeft, array $rearRight): PanelLengths
{
    $apart = fn (array $p, array $q): float => hypot($q[0] - $p[0], $q[1] - $p[1]);

    return new PanelLengths($width, $apart($rearLeft, $rearRight), hypot(...$rearLeft), $apart([0, $width], $rearRight), hypot(...$rearRight), $apart([0, $width], $rearLeft));
}

describe('moves that square a bench', function () {
    it('bring both rear corners onto the rectangle over the front beam, as long as the mean of its sides', function (array $rearLeft, array $rearRight) {
        $plan = (new SquarePlanner)->plan(panelOf(1200, $rearLeft, $rearRight), 1.0);
        $length = (hypot(...$rearLeft) + hypot($rearRight[0], $rearRight[1] - 1200)) / 2;
        expect(array_map(fn ($move): Corner => $move->corner, $plan->moves))->toBe([Corner::RearLeft, Corner::RearRight])
            ->and($rearLeft[0] + $plan->moves[0]->rearward)->toEqualWithDelta($length, 1e-6)->and($rearLeft[1] + $plan->moves[0]->right)->toEqualWithDelta(0.0, 1e-6)
            ->and($rearRight[0] + $plan->moves[1]->rearward)->toEqualWithDelta($length, 1e-6)->and($rearRight[1] + $plan->moves[1]->right)->toEqualWithDelta(1200.0, 1e-6)
            ->and($plan->square)->toBeFalse();
    })->with([
        'racked' => [[3600.0, 9.0], [3600.0, 1209.0]],
        'one corner out' => [[3600.0, 0.0], [3606.0, 1195.0]],
        'wider behind' => [[3600.0, -8.0], [3600.0, 1208.0]],
        'all of it' => [[3592.0, 5.0], [3607.0, 1211.0]],
    ]);

    it('say which two lengths differ, and all that do', function () {
        expect(Said::mm((new SquarePlanner)->plan(panelOf(1200, [3600.0, -8.0], [3600.0, 1208.0]), 3.0)->text))->toBe('Not square: the front and rear sides differ by 16.0 ± 0.8 mm.')
            ->and(Said::mm((new SquarePlanner)->plan(panelOf(1200, [3600.0, 0.0], [3610.0, 1200.0]), 3.0)->text))->toContain('the left and right sides differ by 10.0 ± 0.8 mm')
            ->and(Said::mm((new SquarePlanner)->plan(panelOf(1200, [3600.0, 0.0], [3600.0, 1200.0]), 3.0)->text))->toBe('Square: no two lengths that should be equal differ by more than 0.0 mm.');
    });
});

describe('a quick round from two diagonals', function () {
    it('says which side sits rearward, by how much where the length is known, and what to pull', function () {
        expect(Said::mm((new SquarePlanner)->quick(3800, 3790, 3600, 1.0)->text))->toBe(sprintf('Not square: the diagonals differ by 10.0 ± 0.8 mm. The right side sits %.1f mm rearward: pull the left front corner and the right rear corner towards each other. A quick round presumes that opposite sides are equal; measure them too before the bench is called square.', 10 * 7590 / (4 * 3600)))
            ->and(Said::mm((new SquarePlanner)->quick(3790, 3800, null, 1.0)->text))->toBe('Not square: the diagonals differ by 10.0 ± 0.8 mm. The left side sits rearward: pull the right front corner and the left rear corner towards each other. A quick round presumes that opposite sides are equal; measure them too before the bench is called square.')
            ->and(Said::mm((new SquarePlanner)->quick(3800, 3800, null, 1.0)->text))->toStartWith('The diagonals are equal to 0.0')
            ->and(Said::mm((new SquarePlanner)->quick(3800, 3799.5, null, 1.0)->text))->toStartWith('Too close to the 1 mm allowed to call: the diagonals differ by 0.5 ± 0.8 mm. A quick round');
    });

    it('refuses diagonals of nothing, and two that no bench has', function (float $a, float $b, string $says) {
        expect(fn () => (new SquarePlanner)->quick($a, $b, null, 1.0))->toThrow(UnusableBench::class, $says);
    })->with([
        [0.0, 3800.0, 'from front left'],
        [3800.0, 0.0, 'from front right'],
        [INF, 3800.0, 'from front left'],
        [3800.0, 3600.0, 'diagonals'],
        [3600.0, 3800.0, 'diagonals'],
    ]);
});

describe('a vehicle on its supports', function () {
    it('is taken to the mean height of its four corners where none is asked', function () {
        $plan = (new VehicleSetter)->plan(new EndPair(500, 400, 400, 204, 206, 500), new EndPair(3500, 400, 400, 198, 200, 3500), 1.0);
        expect($plan->moves[0]->liftLeft)->toEqualWithDelta(202.0 - 204.0, 1e-9)->and($plan->moves[0]->liftRight)->toEqualWithDelta(202.0 - 206.0, 1e-9)
            ->and($plan->moves[1]->liftLeft)->toEqualWithDelta(202.0 - 198.0, 1e-9)->and($plan->moves[1]->liftRight)->toEqualWithDelta(202.0 - 200.0, 1e-9)
            ->and($plan->roll)->toBe(2.0)->and(array_map(Said::mm(...), $plan->left))->toBe(['the front pair stands 3.0 mm high', 'the rear pair stands 3.0 mm low', 'the right side is 2.0 mm higher than the left']);
    });

    it('moves the far pair by the lift of the near support, as a lever', function () {
        [$front, $rear] = [new EndPair(500, 400, 400, 198, 196, 800), new EndPair(3500, 400, 400, 200, 200, 3000)];
        $plan = (new VehicleSetter)->plan($front, $rear, 1.0, 200.0, 200.0);
        $lift = ($plan->moves[0]->liftLeft + $plan->moves[0]->liftRight) / 2;
        // Three metres and a half lies half a metre behind the rear support, 2200 behind the front one.
        expect($plan->moves[0]->otherLift)->toEqualWithDelta($lift * (3500 - 3000) / (800 - 3000), 1e-9);
    });
});
