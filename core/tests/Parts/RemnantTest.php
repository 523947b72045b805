<?php

declare(strict_types=1);

use Geodex\Core\Parts\Remnant;
use Geodex\Core\Parts\SawMark;

describe('marks along a bar', function (): void {
    it('stand one kerf apart, behind what is trimmed', function (): void {
        $marks = SawMark::along([640.0, 300.0], 3.0, 5.0);
        expect([$marks[0]->start, $marks[0]->end, $marks[0]->saw])->toBe([5.0, 645.0, 646.5])
            ->and([$marks[1]->start, $marks[1]->end, $marks[1]->saw])->toBe([648.0, 948.0, 949.5])
            ->and(SawMark::along([], 3.0, 5.0))->toBe([]);
    });

    it('take the bar up to the last piece, whatever the order', function (): void {
        $end = function (array $lengths): float {
            /** @var list<float> $lengths */
            $marks = SawMark::along($lengths, 2.5, 10.0);

            return $marks[count($marks) - 1]->end;
        };
        expect($end([100.0, 250.0, 80.0]))->toEqualWithDelta($end([80.0, 100.0, 250.0]), 1e-9);
    });
});

describe('what is left', function (): void {
    it('of a bar goes back in whole millimetres, or is scrap', function (): void {
        expect(Remnant::kept(149.9))->toBeNull()
            ->and(Remnant::kept(150.0))->toBe(150.0)
            ->and(Remnant::kept(812.7))->toBe(812.0);
    });

    it('between two pieces of a sheet is as wide as it is thick, and wider than the cut', function (): void {
        expect(Remnant::bridge(1.5, 6.0))->toBe(6.0)
            ->and(Remnant::bridge(1.5, 2.0))->toBe(3.5)
            ->and(Remnant::used(50_000.0, 1000.0, 100.0))->toBe(0.5)
            ->and(Remnant::used(0.0, 0.0, 0.0))->toBe(0.0);
    });
});
