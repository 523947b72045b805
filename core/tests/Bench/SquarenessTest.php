<?php

declare(strict_types=1);

use Geodex\Core\Bench\CornerHeights;
use Geodex\Core\Bench\EndPair;
use Geodex\Core\Bench\Jig;
use Geodex\Core\Bench\PanelLengths;
use Geodex\Core\Bench\SquareCheck;
use Geodex\Core\Bench\Squareness;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Bench\VehicleSetter;
use Geodex\Core\Tests\Support\Said;

describe('square', function () {
    it('is no trapezoid, whose diagonals are equal too', function () {
        // 1000 in front, 1030 behind, 2000 apart: both diagonals are 2246.1.
        $d = hypot(2000, 1015);
        $plan = (new SquarePlanner)->plan(new PanelLengths(1000, 1030, hypot(2000, 15), hypot(2000, 15), $d, $d), 3.0);
        expect($plan->unequal)->toBe(0.0)->and($plan->square)->toBeFalse()->and($plan->worst)->toBe(30.0)
            ->and(Said::mm($plan->text))->toBe('Not square: the front and rear sides differ by 30.0 ± 0.8 mm.');
    });

    it('wants each difference within the tolerance with its uncertainty', function (float $difference, bool $square, bool $out) {
        $squareness = new Squareness(['the sides' => $difference], 0.5, 3.0);
        // 1.96 √2 · 0.5 = 1.386
        expect($squareness->expanded)->toEqualWithDelta(1.38593, 1e-5)
            ->and($squareness->isSquare)->toBe($square)
            ->and($squareness->isOut)->toBe($out);
    })->with([
        [1.6, true, false],
        [-1.6, true, false],
        [1.62, false, false],
        [4.38, false, false],
        [4.39, false, true],
        [-4.39, false, true],
        [0.0, true, false],
    ]);

    it('says what is too close to call', function () {
        expect(Said::mm((new Squareness(['the sides' => 2.0, 'the diagonals' => 0.2], 0.5, 3.0))->trouble()))->toBe('Too close to the 3 mm allowed to call: the sides differ by 2.0 ± 1.4 mm.')
            ->and(Said::mm((new Squareness(['the rails' => 1.8, 'the widths' => -6.0], 0.5, 3.0))->trouble()))->toBe('Not square: the widths differ by 6.0 ± 1.4 mm. Too close to the 3 mm allowed to call: the rails differ by 1.8 ± 1.4 mm.')
            ->and((new Squareness(['the sides' => 0.1], 0.5, 3.0))->trouble())->toBeNull()->and((new Squareness([], 5.0, 3.0))->isSquare)->toBeTrue()->and((new Squareness(['a' => -7.0, 'b' => 2.0], 1.0, 3.0))->worst())->toBe(7.0);
    });

    it('is not said of a quick round from two diagonals, which says what it presumes', function () {
        $plan = (new SquarePlanner)->quick(6125.0, 6112.0, 6000.0, 1.0);
        expect($plan->square)->toBeFalse()->and($plan->moves)->toBe([])->and($plan->unequal)->toBe(13.0)->and($plan->rack)->toEqualWithDelta(6.6287, 1e-3)
            ->and(Said::mm($plan->text))->toContain('The right side sits 6.6 mm rearward: pull the left front corner and the right rear corner towards each other')->toContain('presumes that opposite sides are equal')
            ->and(Said::mm((new SquarePlanner)->quick(6112.0, 6125.0, null, 1.0)->text))->toContain('The left side sits rearward')->and((new SquarePlanner)->quick(6112.0, 6125.0, null, 1.0)->rack)->toBeNull()
            ->and(Said::mm((new SquarePlanner)->quick(6112.0, 6112.1, null, 1.0)->text))->toContain('The diagonals are equal')
            ->and(fn () => (new SquarePlanner)->quick(6112.0, 7000.0, null, 1.0))->toThrow(UnusableBench::class, 'No four-cornered bench')
            ->and(fn () => (new SquarePlanner)->quick(0.0, 7000.0, null, 1.0))->toThrow(UnusableBench::class, 'The diagonal from front left');
    });
});

describe('the square check', function () {
    it('presumes what was not measured, and says so', function () {
        expect(Said::mm(SquareCheck::of(2154.1, 2154.1, 2000)->text))->toContain('Presumed, since it was not measured: both rails are equally long, and the rails are equally far apart at both ends.')
            ->and(Said::mm(SquareCheck::of(2154.1, 2154.1, 2000, 800, otherLength: 2000, otherWidth: 800)->text))->not->toContain('Presumed')
            ->and(Said::mm(SquareCheck::of(2154.1, 2154.1, 2000, otherLength: 2000)->text))->toContain('measured: the rails are equally far apart at both ends.');
    });

    it('is not square where the rails or the widths differ, whatever the diagonals say', function () {
        $d = hypot(2000, 815);
        $trapezoid = SquareCheck::of($d, $d, hypot(2000, 15), 800, otherLength: hypot(2000, 15), otherWidth: 830);
        expect($trapezoid->square)->toBeFalse()->and(Said::mm($trapezoid->text))->toContain('the widths differ by 30.0')
            ->and(Said::mm(SquareCheck::of(2154.1, 2154.1, 1990, otherLength: 2010)->text))->toContain('the rails differ by 20.0')
            ->and(SquareCheck::of(2154.1, 2154.1, 2000, 800, 0.3, 3.0, 2000, 800)->square)->toBeTrue();
    });
});

describe('corner heights', function () {
    it('from four slopes are each where the beams put them, with the signs of the trade', function () {
        $jig = new Jig(4000.0, 1000.0);
        // Front right 10 high, rear left 20 high: rear right is 30.
        $across = rad2deg(atan(10 / 1000));
        $along = rad2deg(atan(20 / 4000));
        $heights = CornerHeights::slopes($jig, $across, $across, $along, $along);
        expect($heights->mm)->toEqualWithDelta(['front-left' => 0.0, 'front-right' => 10.0, 'rear-left' => 20.0, 'rear-right' => 30.0], 1e-9)
            ->and($heights->misclosure)->toEqualWithDelta(0.0, 1e-9);
    });

    it('share what is left over by the square of the beams, since a level is as unsure on a long one', function () {
        $jig = new Jig(4000.0, 1000.0);
        $degrees = fn (float $mm, float $length): float => rad2deg(atan($mm / $length));
        // Round the bench 17 mm are left: 0.5 for each short beam and 8 for each long one.
        $heights = CornerHeights::slopes($jig, $degrees(10, 1000), $degrees(10, 1000), $degrees(20, 4000), $degrees(37, 4000));
        expect($heights->misclosure)->toEqualWithDelta(17.0, 1e-9)
            ->and($heights->mm)->toEqualWithDelta(['front-left' => 0.0, 'front-right' => 9.5, 'rear-left' => 28.0, 'rear-right' => 38.5], 1e-9);
    });

    it('measured from above are the same upside down', function () {
        expect(CornerHeights::below(1.0, 2.0, 3.0, 5.0)->mm)->toBe(['front-left' => -1.0, 'front-right' => -2.0, 'rear-left' => -3.0, 'rear-right' => -5.0])
            ->and(CornerHeights::above(1.0, 2.0, 3.0, 5.0)->mm)->toBe(['front-left' => 1.0, 'front-right' => 2.0, 'rear-left' => 3.0, 'rear-right' => 5.0]);
    });

    it('ask for the size of the bench only where degrees are to become heights', function () {
        expect(fn () => CornerHeights::slopes(new Jig, 0.1, 0.1, 0.1, 0.1))->toThrow(UnusableBench::class, 'Enter both')
            ->and(fn () => CornerHeights::slopes(new Jig(4000.0), 0.1, 0.1, 0.1, 0.1))->toThrow(UnusableBench::class, 'Enter both')->and((new Jig)->pitch)->toBe(2.0);
    });
});

describe('a vehicle on the bench', function () {
    it('whose two ends roll against each other is not ready to tack', function (float $rearRight, bool $ready) {
        $plan = (new VehicleSetter)->plan(new EndPair(500, 400, 400, 550, 550, 500), new EndPair(4500, 400, 400, 550 - ($rearRight - 550), $rearRight, 4500), 2.0);
        expect($plan->readyToTack)->toBe($ready)
            ->and($plan->twist)->toEqualWithDelta(2 * ($rearRight - 550), 1e-9);
        if (! $ready) {
            expect(Said::mm($plan->left))->toContain('its two ends roll against each other by')
                ->and($plan->worst)->toEqualWithDelta(abs($plan->twist), 1e-9);
        }
    })->with([[550.9, true], [551.1, false], [548.9, false]]);
});
