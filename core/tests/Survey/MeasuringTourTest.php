<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\MeasuringTour;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Tests\Support\Readings;

/** @param  list<string>  $calls */
function toWalk(array $calls): array
{
    return array_map(function (string $call): NextReading {
        $words = explode(' ', $call);

        return new NextReading($words[0], array_slice($words, 1), null, 1.0, 0, ReasonToRead::Undecided);
    }, $calls);
}

/** @return array{list<string>, float} */
function walked(array $calls): array
{
    [$order, $metres] = (new MeasuringTour)->order(toWalk($calls), Readings::truth(Readings::ladder(6)));

    return [array_map(fn (NextReading $next): string => "$next->kind ".implode(' ', $next->points), $order), $metres];
}

it('begins at the front left and goes along one side', function () {
    expect(walked(['height EL', 'height AL', 'height CL']))->toEqualWithDelta([['height AL', 'height CL', 'height EL'], 2.8], 1e-9);
});

it('goes round the end that is nearer to the other side, since nobody walks through the frame', function () {
    // Across: twice the widest half, 410, and 400 beside each rail; one stands 400 behind the last row as well.
    [$order, $metres] = walked(['height FR', 'height FL']);
    expect($order)->toBe(['height FL', 'height FR'])->and($metres)->toEqualWithDelta((2 * 810 + 2 * 400) / 1000, 1e-9);
    [, $round] = walked(['height AL', 'height AR']);
    expect($round)->toEqualWithDelta((2 * 810 + 2 * 400) / 1000, 1e-9);
    [, $middle] = walked(['height CL', 'height CR']);
    expect($middle)->toEqualWithDelta((2 * 810 + 2 * (1400 + 400)) / 1000, 1e-9);
});

it('stands for a length between its ends, on the side where its middle is', function () {
    expect(walked(['tram AL EL', 'height CL', 'height BR', 'tram AR CR'])[1])->toEqualWithDelta((2 * 810 + 1400 + 700 + 800) / 1000, 1e-9);
});

it('has nowhere to go without readings or places', function () {
    expect((new MeasuringTour)->order([], ['A' => Vector3::of(0, 0, 0)]))->toBe([[], 0.0])
        ->and((new MeasuringTour)->order(toWalk(['height A']), [])[1])->toBe(0.0)
        ->and(walked(['height CL'])[1])->toBe(0.0);
});

it('is never longer than any walk that turns a part of it round, and within a tenth of the shortest there is (seeds 1 to 6)', function (int $seed) {
    $random = new RandomSource($seed);
    $ids = array_keys(Readings::truth(Readings::ladder(6)));
    $calls = [];
    while (count($calls) < 6) {
        [$a, $b] = [$random->pick($ids), $random->pick($ids)];
        $calls[$a === $b ? "height $a" : "tram $a $b"] = true;
    }
    [$order, $metres] = walked(array_keys($calls));
    expect($order)->toEqualCanonicalizing(array_keys($calls));
    // The way between two is the tour of those two alone.
    $way = fn (string $one, string $other): float => walked([$one, $other])[1];
    $length = fn (array $walk): float => array_sum(array_map(fn (int $i): float => $way($walk[$i - 1], $walk[$i]), range(1, 5)));
    expect($length($order))->toEqualWithDelta($metres, 1e-9);
    $shortest = INF;
    $try = function (array $walk, array $left) use (&$try, &$shortest, $length): void {
        if ($left === []) {
            $shortest = min($shortest, $length($walk));
        }
        foreach ($left as $i => $next) {
            $try([...$walk, $next], array_values(array_diff_key($left, [$i => true])));
        }
    };
    $try([], $order);
    expect($metres)->toBeLessThanOrEqual(1.1 * $shortest + 1e-9);
    for ($i = 0; $i < 6; $i++) {
        for ($j = $i + 1; $j < 6; $j++) {
            $turned = [...array_slice($order, 0, $i), ...array_reverse(array_slice($order, $i, $j - $i + 1)), ...array_slice($order, $j + 1)];
            expect($length($turned))->toBeGreaterThanOrEqual($metres - 1e-6);
        }
    }
})->with([1, 2, 3, 4, 5, 6]);
