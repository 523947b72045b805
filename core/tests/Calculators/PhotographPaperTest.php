<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

describe('a contour from a photograph', function (): void {
    /** A camera that looks at the face askew. */
    $camera = fn (float $x, float $y): array => [(2.0 * $x + 0.3 * $y + 900) / (1 + 0.0002 * $x + 0.0001 * $y), (0.1 * $x - 1.9 * $y + 1500) / (1 + 0.0002 * $x + 0.0001 * $y)];
    $given = fn (array $places): array => ['control' => array_map(fn (array $at): array => ['pixel' => $camera(...$at), 'at' => $at], $places), 'contour' => array_map(fn (array $at): array => $camera(...$at), [[50, 40], [600, 30], [610, 150]])];
    $corners = [[0, 0], [700, 0], [700, 180], [0, 180]];

    it('comes back as it is on the face', function () use ($given, $corners): void {
        $told = Calculators::run('photo-contour', $given($corners));
        expect(array_column($told['points'], 'at'))->toEqualWithDelta([[50, 40], [600, 30], [610, 150]], 1e-6)
            ->and($told['varianceFactor'])->toBeNull()
            ->and($told['area'])->toEqualWithDelta(abs((550 * 110 - 560 * -10) / 2), 1e-4);
    });

    it('is surer with more points, and less sure outside of them', function () use ($given, $corners): void {
        $four = Calculators::run('photo-contour', $given($corners));
        $six = Calculators::run('photo-contour', $given([...$corners, [350, 0], [350, 180]]));
        $outside = Calculators::run('photo-contour', [...$given($corners), 'contour' => [[3000, 500]], 'closed' => false]);
        expect($six['points'][0]['sigma'][0])->toBeLessThan($four['points'][0]['sigma'][0])
            ->and($outside['points'][0]['inside'])->toBeFalse()
            ->and($outside['points'][0]['sigma'][0])->toBeGreaterThan($four['points'][0]['sigma'][0])
            ->and($outside['area'])->toBeNull();
    });

    it('does not change when picture and face are turned and enlarged', function () use ($given, $corners): void {
        $plain = $given($corners);
        $turned = $plain;
        foreach ($turned['control'] as &$one) {
            $one['at'] = [$one['at'][1] + 100, -$one['at'][0] + 900];
        }
        $sigma = fn (array $told): array => array_column($told['points'], 'sigma');
        expect(array_map(array_reverse(...), $sigma(Calculators::run('photo-contour', $turned))))->toEqualWithDelta($sigma(Calculators::run('photo-contour', $plain)), 1e-6);
    });

    it('is refused where it cannot be held', function (Closure $change, string $path) use ($given, $corners): void {
        expect(fn () => Calculators::run('photo-contour', $change($given($corners))))->toThrow(InvalidFields::class, $path);
    })->with([
        'three points' => [fn (array $all): array => [...$all, 'control' => array_slice($all['control'], 0, 3)], 'control'],
        'two alike' => [fn (array $all): array => [...$all, 'control' => [...$all['control'], $all['control'][0]]], 'control[4].pixel'],
        'in a line' => [fn (array $all): array => [...$all, 'control' => array_map(fn (int $i): array => ['pixel' => [100 * $i, 50 * $i], 'at' => [10 * $i, 5 * $i]], range(1, 5))], 'control'],
        'beyond the horizon' => [fn (array $all): array => [...$all, 'contour' => [[-900000, 0], [900000, 0]]], 'control'],
        'relief without camera' => [fn (array $all): array => [...$all, 'relief' => 5], 'camera'],
        'relief up to the camera' => [fn (array $all): array => [...$all, 'relief' => 500, 'camera' => ['above' => [0, 0], 'distance' => 500]], 'relief'],
        'no contour' => [fn (array $all): array => [...$all, 'contour' => []], 'contour'],
    ]);
});
