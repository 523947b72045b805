<?php

declare(strict_types=1);

use Geodex\Core\Simulation\JudgementStudy;

describe('the judgement, on frames whose truth is known', function () {
    it('hardly ever decides wrongly after the starting tour, tells the mistake, and orders no sound frame pulled (40 frames)', function () {
        $count = (new JudgementStudy)->startingTour(40, 70_000);
        expect($count->wrong / $count->coordinates)->toBeLessThanOrEqual(0.005)->and($count->told / $count->mistakes)->toBeGreaterThanOrEqual(0.95)
            ->and($count->pulled)->toBe(0)->and($count->sound)->toBeGreaterThan(10)->and($count->decided / $count->coordinates)->toBeGreaterThan(0.3);
    });

    it('refuses no clean survey and decides what it can (40 frames)', function () {
        $count = (new JudgementStudy)->clean(40, 71_000);
        expect($count->refused)->toBe(0)
            ->and($count->wrong / $count->coordinates)->toBeLessThanOrEqual(0.002)
            ->and($count->decided / $count->coordinates)->toBeGreaterThan(0.6);
    });

    it('tells two mistakes in one explanation (20 frames)', function () {
        $count = (new JudgementStudy)->twoMistakes(20, 72_000);
        expect($count->told / $count->mistakes)->toBeGreaterThanOrEqual(0.9);
    });

    it('gives the same result for a reading in the wrong unit as without it (20 frames)', function () {
        $count = (new JudgementStudy)->unitMistake(20, 73_000);
        expect($count->same)->toBe($count->told)->and($count->told)->toBeGreaterThan(15);
    });

    it('reads a stepped frame from trams alone (4 frames)', function () {
        $count = (new JudgementStudy)->tramsOnly(4, 74_000);
        expect($count->refused)->toBe(0)->and($count->wrong)->toBe(0);
    });

    it('names a bent base point (20 frames)', function () {
        $count = (new JudgementStudy)->bentBase(20, 75_000);
        expect($count->told / $count->mistakes)->toBeGreaterThanOrEqual(0.8);
    });

    it('pulls a centre twist and sag the right way (6 frames)', function () {
        $count = (new JudgementStudy)->centrePulls(6, 76_000);
        expect($count->told)->toBe($count->mistakes)->and($count->mistakes)->toBeGreaterThan(1);
    });
});
