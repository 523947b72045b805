<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Loads\CannotLoad;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\LoadCase;
use Geodex\Core\Chassis\Loads\LoadKind;
use Geodex\Core\Chassis\Loads\StressPoint;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Trucks;

function loadsOf(array $change = [], ?Shop $shop = null): FrameLoads
{
    return new FrameLoads(Trucks::truck($change), $shop ?? new Shop);
}

describe('the axle loads', function () {
    it('balance: they carry all there is, and turn about neither end', function () {
        foreach (loadsOf()->cases as $case) {
            [$front, $rear] = $case->carried();
            $about = array_sum(array_map(fn (array $p): float => $p[0] * $p[1], $case->points)) + array_sum(array_map(fn (array $s): float => ($s[0] + $s[1]) / 2 * $s[2], $case->spreads));
            [$first, $second] = $case->supports;
            expect($front + $rear)->toEqualWithDelta($case->mass(), 1e-6)
                ->and($front * $first->station + $rear * $second->station)->toEqualWithDelta($about, 1e-3);
        }
    });

    it('are those that one works out by hand', function (LoadKind $kind, float $mass, float $rear) {
        $case = loadsOf()->under($kind);
        expect($case->mass())->toEqualWithDelta($mass, 1e-9)
            ->and($case->carried()[1])->toEqualWithDelta($rear, 1e-6);
    })->with([
        // 1100 at 150, 900 over 900–5300 (middle 3100), 1800 over 1200–5000 (middle 3100).
        'empty' => [LoadKind::Empty, 2000.0, (1100 * 150 + 900 * 3100) / 3300],
        'laden' => [LoadKind::Laden, 3800.0, (1100 * 150 + 2700 * 3100) / 3300],
        'load forward' => [LoadKind::Forward, 3800.0, (1100 * 150 + 900 * 3100 + 1800 * 2150) / 3300],
        'load rearward' => [LoadKind::Rearward, 3800.0, (1100 * 150 + 900 * 3100 + 1800 * 4050) / 3300],
        'tipping' => [LoadKind::Tipping, 3800.0, (1100 * 150 + 900 * 3100 + 1800 * 5000) / 3300],
    ]);

    it('take axles behind the first together', function () {
        $loads = loadsOf(['axles' => [['id' => 'front', 'station' => 0], ['id' => 'mid', 'station' => 3000], ['id' => 'rear', 'station' => 4200]]]);
        expect($loads->supports[1]->id)->toBe('mid and rear')
            ->and($loads->supports[1]->station)->toBe(3600.0);
    });

    it('pass to the hangers nearest to the axle, and to the axle itself where it has none', function () {
        $loads = loadsOf();
        expect($loads->supports[1]->hangers)->toBe([2400.0, 4100.0])
            ->and($loads->supports[0]->hangers)->toBeNull();
    });

    it('without a load to take away are those of one case', function () {
        expect(array_map(fn (LoadCase $one): string => $one->kind->value, loadsOf(['masses' => [['id' => 'M', 'name' => 'all', 'mass' => 1000, 'station' => 1650]]])->cases))->toBe(['empty', 'jacked-front', 'jacked-rear']);
    });

    it('are those of the load alone where nothing is always there', function () {
        expect(array_map(fn (LoadCase $one): string => $one->kind->value, loadsOf(['masses' => [['id' => 'M', 'name' => 'sand', 'mass' => 1000, 'station' => 1000, 'to' => 2000, 'when' => 'laden']]])->cases))->toBe(['laden', 'load-forward', 'load-rearward']);
    });
});

describe('a frame on a jack', function () {
    it('is held under an end of its rails and by the axle at the other, without its load', function (LoadKind $kind, float $rear, float $span) {
        $case = loadsOf()->under($kind);
        // 1100 at 150 and 900 in the middle of 900–5300; the rails run from −700 to 5300, the axles stand at 0 and 3300.
        expect($case->mass())->toBe(2000.0)
            ->and($case->carried()[1])->toEqualWithDelta($rear / $span, 1e-6)
            ->and($case->supports[$kind === LoadKind::JackedFront ? 0 : 1]->id)->toBe('jack');
    })->with([
        'front' => [LoadKind::JackedFront, 1100 * 850 + 900 * 3800, 4000.0],
        'rear' => [LoadKind::JackedRear, 1100 * 150 + 900 * 3100, 5300.0],
    ]);

    it('is not shaken: its stress is taken without the factor, and its sag not compared', function () {
        $loads = loadsOf();
        expect($loads->stress(LoadKind::JackedRear, 2000.0, 10_000.0)->stress * 2.5)->toEqualWithDelta($loads->stress(LoadKind::Empty, 2000.0, 10_000.0)->stress, 1e-9)
            ->and($loads->stiffness($loads->under(LoadKind::JackedRear)))->toBeNull();
    });

    it('is no case where there is no rail to hold', function () {
        expect(loadsOf(['rails' => []])->under(LoadKind::JackedFront))->toBeNull();
    });

    it('is no case where the rail ends at the axle that is to hold it too', function () {
        expect(loadsOf(['rails' => [['id' => 'R1', 'from' => 3300, 'to' => 5300, 'section' => Trucks::CHANNEL]]])->under(LoadKind::JackedFront))->toBeNull();
    });
});

describe('moments and stress', function () {
    it('are those of the beam: in the middle of two supports under one load W L / 4', function () {
        $loads = loadsOf(['features' => [], 'masses' => [['id' => 'M', 'name' => 'all', 'mass' => 1000, 'station' => 1650]]]);
        $moment = 1000 * 9.80665 * 3.3 / 4;
        $worst = $loads->worst(1)[0];
        expect($loads->fullest()->moments([1650.0])[0])->toEqualWithDelta($moment, 1e-6)->and($worst->station)->toBe(1650.0)
            // 2.5 · ½ · M / S of one rail.
            ->and($worst->stress)->toEqualWithDelta(2.5 * 0.5 * $moment * 1000 / 112_284, 0.01)->and($worst->margin)->toEqualWithDelta(355 / $worst->stress, 1e-9);
    });

    it('by the other route, from the rear end, are the same', function () {
        $case = loadsOf()->under(LoadKind::Laden);
        foreach ([500.0, 1650.0, 2600.0, 3800.0] as $x) {
            $moment = 0.0;
            foreach ($case->points as [$at, $kg]) {
                $moment -= $at > $x ? $kg * 9.80665 * ($at - $x) : 0.0;
            }
            foreach ($case->spreads as [$from, $to, $kg]) {
                $behind = max(0.0, $to - max($x, $from));
                $moment -= $kg * 9.80665 * $behind / ($to - $from) * ((max($x, $from) + $to) / 2 - $x);
            }
            foreach (loadsOf()->supports as $i => $support) {
                foreach ($support->shares() as [$at, $share]) {
                    $moment += $at > $x ? $share * $case->beam->reactions[$i] * ($at - $x) : 0.0;
                }
            }
            expect($case->moments([$x])[0])->toEqualWithDelta($moment / 1000, 1e-6);
        }
    });

    it('grow with the factor of the shop, and shrink with a stronger rail', function () {
        $stress = fn (FrameLoads $loads): float => $loads->stress(LoadKind::Laden, 2000.0, 10_000.0)->stress;
        expect($stress(loadsOf([], new Shop(['dynamicFactor' => 3.0]))) / $stress(loadsOf()))->toEqualWithDelta(1.2, 1e-9)
            ->and($stress(loadsOf(['rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL, 'liner' => 5]]])))->toBeLessThan($stress(loadsOf()));
    });

    it('are those of the weaker rail, where one is worn', function () {
        $worn = loadsOf(['walls' => [['id' => 'W', 'side' => 'right', 'station' => 2000, 'measured' => 5.0]]])->stress(LoadKind::Laden, 2000.0, 10_000.0);
        expect($worn->rail->side->value)->toBe('right')
            ->and($worn->stress)->toBeGreaterThan(loadsOf()->stress(LoadKind::Laden, 2000.0, 10_000.0)->stress);
    });

    it('have no margin where the yield is not given, and no stress where no rail is', function () {
        $loads = loadsOf(['rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL]]]);
        expect($loads->stress(LoadKind::Laden, 2000.0, 10_000.0)->margin)->toBeNull()
            ->and($loads->stress(LoadKind::Laden, 9000.0, 10_000.0))->toBeNull()
            ->and(loadsOf()->stress(LoadKind::Laden, 2000.0, 0.0)->margin)->toBeNull();
    });

    it('name the worst places once each, worst first', function () {
        $worst = loadsOf()->worst(3);
        expect($worst)->toHaveCount(3)->and($worst[0]->stress)->toBeGreaterThanOrEqual($worst[1]->stress)->and(abs($worst[0]->station - $worst[1]->station))->toBeGreaterThanOrEqual(300.0)
            ->and(array_map(fn (StressPoint $one): bool => $one->stress > 0.0, $worst))->toBe([true, true, true]);
    });

    it('along a taper follow its depth', function () {
        $loads = loadsOf(['rails' => [['id' => 'R1', 'from' => 0, 'to' => 4000, 'section' => Trucks::CHANNEL, 'rearDepth' => 140]]]);
        $exact = $loads->stress(LoadKind::Laden, 2600.0, 10_000.0)->stress;
        $depth = 200 - 60 * 0.65;
        $inertia = (70 * $depth ** 3 - 64 * ($depth - 12) ** 3) / 12;
        expect($exact)->toEqualWithDelta(2.5 * 0.5 * 1e7 / ($inertia / ($depth / 2)), $exact * 0.005);
    });
});

describe('sag and frequency', function () {
    it('of a simple beam are those of the book: W L³ / 48 E I for a load in its middle', function () {
        $loads = loadsOf(['features' => [], 'masses' => [['id' => 'M', 'name' => 'all', 'mass' => 1000, 'station' => 1650]]]);
        $is = $loads->stiffness($loads->fullest());
        $sag = 1000 * 9.80665 / 2 * 3300 ** 3 / (48 * 210_000 * 1.12284e7);
        expect($is['sag'])->toEqualWithDelta($sag, 0.001)
            ->and($is['frequency'])->toEqualWithDelta(sqrt(9806.65 / $sag) / (2 * M_PI), 0.01);
    });

    it('are not known where no rail lies between the axles', function () {
        $loads = loadsOf(['rails' => [['id' => 'R1', 'from' => 3000, 'to' => 5300, 'section' => Trucks::CHANNEL]]]);
        expect($loads->stiffness($loads->fullest()))->toBeNull();
    });
});

it('refuses what does not stand, and says what to enter', function (Chassis $chassis, string $says) {
    expect(fn () => new FrameLoads($chassis))->toThrow(CannotLoad::class, $says);
})->with([
    'no axle' => [new Chassis, 'two axles at least'],
    'one axle' => [new Chassis(axles: [new Axle('front', 0.0)]), 'two axles at least'],
    'no mass' => [new Chassis(axles: [new Axle('front', 0.0), new Axle('rear', 3300.0)]), 'No mass is entered'],
    'all at one place' => [fn () => Trucks::truck(['axles' => [['id' => 'a', 'station' => 5], ['id' => 'b', 'station' => 5]]]), 'at one station'],
]);

it('says what each case assumes', function () {
    foreach (LoadKind::cases() as $kind) {
        expect($kind->words())->not->toBe('')->and($kind->assumes())->not->toBe('');
    }
});
