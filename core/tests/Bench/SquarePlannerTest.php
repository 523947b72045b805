<?php

declare(strict_types=1);

use Geodex\Core\Bench\PanelLengths;
use Geodex\Core\Bench\SquareCheck;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Tests\Support\Said;

/** Lengths of the panel with these rear corners, x rearward and y right, front corners at (0, 0) and (0, 1200). */
function panelWith(array $rearLeft, array $rearRight): PanelLengths
{
    $d = fn (array $p, array $q): float => hypot($q[0] - $p[0], $q[1] - $p[1]);

    return new PanelLengths(1200.0, $d($rearLeft, $rearRight), $d([0, 0], $rearLeft), $d([0, 1200], $rearRight), $d([0, 0], $rearRight), $d([0, 1200], $rearLeft));
}

it('brings a racked bench back by moving its rear beam sideways', function () {
    // The rear beam stands 12 mm to the right, the sides keep 5000 mm.
    $x = sqrt(5000 ** 2 - 12 ** 2);
    $plan = (new SquarePlanner)->plan(panelWith([$x, 12.0], [$x, 1212.0]), 1.0);
    foreach ($plan->moves as $move) {
        expect($move->right)->toEqualWithDelta(-12.0, 1e-6)
            ->and($move->rearward)->toEqualWithDelta(5000 - $x, 1e-6);
    }
    expect($plan->square)->toBeFalse()->and($plan->misclosure)->toEqualWithDelta(0.0, 1e-6)
        ->and($plan->rack)->toEqualWithDelta(12.0 * 1200 / 5000, 0.01);
});

it('calls a true rectangle square and moves nothing', function () {
    $plan = (new SquarePlanner)->plan(panelWith([5000, 0], [5000, 1200]), 1.0);
    expect($plan->square)->toBeTrue()->and($plan->unequal)->toEqualWithDelta(0.0, 1e-9);
    foreach ($plan->moves as $move) {
        expect(hypot($move->right, $move->rearward))->toBeLessThan(1e-6);
    }
});

it('shares a small contradiction among the lengths and says how large it is', function () {
    $plan = (new SquarePlanner)->plan(new PanelLengths(1200, 1200, 5000, 5000, hypot(5000, 1200) + 6, hypot(5000, 1200) + 6), 1.0);
    expect($plan->misclosure)->toBeGreaterThan(1.0)->toBeLessThan(6.0)
        ->and($plan->square)->toBeTrue();
});

it('refuses lengths that no bench has', function () {
    expect(fn () => (new SquarePlanner)->plan(new PanelLengths(1200, 1200, 5000, 5000, 9000, 5142), 1.0))->toThrow(UnusableBench::class, 'Measure the sides and diagonals again')
        ->and(fn () => new PanelLengths(0, 1200, 5000, 5000, 5142, 5142))->toThrow(UnusableBench::class, 'The front side');
});

describe('the square check from two diagonals alone', function () {
    it('gives the rack of a panel built with it', function (float $rack) {
        [$l, $w] = [2000.0, 800.0];
        $check = SquareCheck::of(hypot($l + $rack, $w), hypot($l - $rack, $w), $l, $w);
        expect($check->rack)->toEqualWithDelta($rack, 1e-9)
            ->and($check->sidesway)->toEqualWithDelta($rack * $l / $w, 1e-9);
    })->with([[0.0], [3.5], [-8.0], [25.0]]);

    it('says which corners to pull together', function () {
        expect(Said::mm(SquareCheck::of(2162.2, 2146.0, 2000)->text))->toContain('The right rail sits 8.7')->toContain('pull the left front corner and the right rear corner towards each other')->toContain('more than 3 mm')
            ->and(Said::mm(SquareCheck::of(2146.0, 2162.2, 2000, 800)->text))->toContain('The left rail')->toContain('bring the rear 21.8 mm to the right')
            ->and(Said::mm(SquareCheck::of(2154.0, 2154.5, 2000)->text))->toContain('Square as far as these diagonals can tell')
            ->and(Said::mm(SquareCheck::of(2156.0, 2151.0, 2000)->text))->toContain('Too close to 3 mm to call');
    });

    it('carries the uncertainty of the tape', function () {
        expect(SquareCheck::of(2154, 2154, 2000, sigma: 2.0)->expanded)->toEqualWithDelta(1.96 * 2.0 * 2154 * sqrt(2) / 4000, 1e-9);
    });

    it('turns the sign when left and right are swapped', function () {
        expect(SquareCheck::rack(2160, 2150, 2000))->toBe(-SquareCheck::rack(2150, 2160, 2000));
    });

    it('refuses what is no panel', function (array $arguments) {
        expect(fn () => SquareCheck::of(...$arguments))->toThrow(UnusableBench::class);
    })->with([
        [[0, 2000, 2000]],
        [[2000, NAN, 2000]],
        [[9000, 2000, 2000]],
        [[2154, 2154, 2000, -5]],
        [[90000, 90000, 2000, 800]],
    ]);
});
