<?php

declare(strict_types=1);

use Geodex\Core\RunSheet\JointHeat;
use Geodex\Core\RunSheet\WeldRun;

describe('how warm a joint is', function (): void {
    it('agrees with the worked case: one run of 60 mm and 30 kJ in a web, a minute ago', function (): void {
        $heat = JointHeat::of([new WeldRun(1000.0, 30.0, 60.0)], 6.0, 328.0, true, 1060.0);
        expect($heat?->temperature)->toEqualWithDelta(140.0, 0.1)->and($heat?->waitSeconds)->toEqualWithDelta(28.4, 0.1)->and($heat?->limit)->toBe(100.0)->and($heat?->low)->toEqualWithDelta(92.0, 0.1)->and($heat?->high)->toEqualWithDelta(188.0, 0.1);
    });

    it('rises with a run every minute, and may not be gone on at once', function (): void {
        $runs = array_map(fn (int $i): WeldRun => new WeldRun(60.0 * $i, 30.0, 60.0), range(0, 2));
        expect(JointHeat::of(array_slice($runs, 0, 2), 6.0, 328.0, false, 120.0)?->temperature)->toEqualWithDelta(197.0, 1.0)->and(JointHeat::of($runs, 6.0, 328.0, false, 180.0)?->temperature)->toEqualWithDelta(232.0, 1.0)->and(JointHeat::of(array_reverse($runs), 6.0, 328.0, false, 180.0)?->waitSeconds)->toBeGreaterThan(0.0);
    });

    it('depends on nothing but how long ago a run was', function (): void {
        $at = fn (float $clock): ?float => JointHeat::of([new WeldRun($clock, 30.0, 60.0)], 6.0, 328.0, false, $clock + 90.0)?->temperature;
        expect($at(1.7e9))->toEqualWithDelta($at(0.0), 1e-6);
    });

    it('is not said where nothing was welded lately, nor of runs to come', function (): void {
        expect(JointHeat::of([], 6.0, 328.0, false, 0.0))->toBeNull()->and(JointHeat::of([new WeldRun(0.0, 30.0, 60.0)], 6.0, 328.0, false, 20_000.0))->toBeNull()->and(JointHeat::of([new WeldRun(100.0, 30.0, 60.0)], 6.0, 328.0, false, 50.0))->toBeNull();
    });

    it('takes a run longer than the rail is wide', function (): void {
        expect(JointHeat::of([new WeldRun(0.0, 60.0, 900.0)], 6.0, 328.0, false, 60.0)?->temperature)->toBeGreaterThan(20.0);
    });
});
