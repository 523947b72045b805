<?php

declare(strict_types=1);

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Side;
use Geodex\Core\RunSheet\Heat\NearestSettings;
use Geodex\Core\RunSheet\Heat\RailHeat;
use Geodex\Core\RunSheet\Heat\RailStrip;
use Geodex\Core\RunSheet\Heat\Thermometer;
use Geodex\Core\RunSheet\Heat\WeldRun;
use Geodex\Core\RunSheet\Heat\Zone;
use Geodex\Core\RunSheet\Heat\ZoneHeat;

function zone(string $id): Zone
{
    return Zone::named($id) ?? throw new LogicException("No zone $id.");
}

/** @param  list<WeldRun>  $runs */
function heatOf(array $runs, float $now, ?Thermometer $read = null, bool $isHighStrength = false, float $insert = 0.0): ?RailHeat
{
    $zones = array_values(array_filter(Zone::all($insert > 0.0), fn (Zone $zone): bool => $zone->side === Side::Left));

    return RailHeat::of(new RailStrip(6.0, 200.0, 64.0, $isHighStrength ? 100.0 : 150.0, $insert), $runs, $zones, $read, $now);
}

function at(?RailHeat $heat, string $id): ZoneHeat
{
    foreach ($heat->zones ?? [] as $zone) {
        if ($zone->zone->id() === $id) {
            return $zone;
        }
    }
    throw new LogicException("No heat of $id.");
}

$run = fn (float $ended, string $zone = 'left-joint-web', float $heat = 30.0): WeldRun => new WeldRun(zone($zone), $ended, $heat, 60.0);

describe('how warm a rail is', function () use ($run): void {
    it('agrees with the worked case: one run of 60 mm and 30 kJ in a web, a minute ago', function () use ($run): void {
        $heat = heatOf([$run(1000.0)], 1060.0, isHighStrength: true);
        $web = at($heat, 'left-joint-web');
        expect($web->temperature)->toEqualWithDelta(140.0, 0.1)
            ->and($web->wait)->toEqualWithDelta(28.4, 0.1)
            ->and($heat?->limit)->toBe(100.0)
            ->and($web->low)->toEqualWithDelta(92.0, 0.1)
            ->and($web->high)->toEqualWithDelta(188.0, 0.1);
    });

    it('rises with a run every minute, and is cooler in the flanges', function () use ($run): void {
        $web = fn (int $many): float => at(heatOf(array_map(fn (int $i): WeldRun => $run(60.0 * $i), range(0, $many - 1)), 60.0 * $many), 'left-joint-web')->temperature;
        expect($web(2))->toEqualWithDelta(197.0, 1.0)
            ->and($web(3))->toEqualWithDelta(232.0, 1.0)
            ->and(at(heatOf([$run(0.0)], 60.0), 'left-joint-top')->temperature)->toBeLessThan(40.0);
    });

    it('shows the coolest zone, and one alone', function () use ($run): void {
        $heat = heatOf([$run(0.0), $run(30.0, 'left-joint-top')], 60.0);
        expect(array_values(array_map(fn (ZoneHeat $one): string => $one->zone->id(), array_filter($heat->zones ?? [], fn (ZoneHeat $one): bool => $one->isCoolest))))->toBe(['left-joint-bottom']);
    });

    it('knows two joints of an insert apart', function () use ($run): void {
        $heat = heatOf([$run(0.0, 'left-front-web')], 60.0, insert: 640.0);
        expect(at($heat, 'left-front-web')->temperature)->toEqualWithDelta(140.0, 0.1)
            ->and(at($heat, 'left-rear-web')->temperature)->toEqualWithDelta(20.0, 0.1);
    });

    it('depends on nothing but how long ago a run was', function () use ($run): void {
        $web = fn (float $clock): float => at(heatOf([$run($clock)], $clock + 90.0), 'left-joint-web')->temperature;
        expect($web(1.7e9))->toEqualWithDelta($web(0.0), 1e-6);
    });

    it('is not said where nothing was welded lately, nor of runs to come', function () use ($run): void {
        expect(heatOf([], 0.0))->toBeNull()
            ->and(heatOf([$run(0.0)], 20_000.0))->toBeNull()
            ->and(heatOf([$run(100.0)], 50.0))->toBeNull();
    });

    it('takes a run longer than the strip is wide', function (): void {
        expect(at(heatOf([new WeldRun(zone('left-joint-web'), 0.0, 60.0, 900.0)], 60.0), 'left-joint-web')->temperature)->toBeGreaterThan(20.0);
    });
});

describe('a thermometer', function () use ($run): void {
    it('agrees with the worked case: 90 read where 77 were expected', function () use ($run): void {
        $heat = heatOf([$run(0.0)], 180.0, new Thermometer(zone('left-joint-web'), 120.0, 90.0));
        expect($heat?->factor)->toEqualWithDelta(1.232, 0.002)
            ->and(at($heat, 'left-joint-web')->temperature)->toEqualWithDelta(62.8, 0.1)
            ->and(at($heat, 'left-joint-web')->low)->toEqualWithDelta(56.4, 0.1);
    });

    it('corrects the other zones of its rail as well', function () use ($run): void {
        $runs = [$run(0.0), $run(20.0, 'left-joint-top')];
        $without = at(heatOf($runs, 180.0), 'left-joint-top')->temperature - 20.0;
        $heat = heatOf($runs, 180.0, new Thermometer(zone('left-joint-web'), 120.0, 90.0));
        expect(at($heat, 'left-joint-top')->temperature - 20.0)->toEqualWithDelta($without * ($heat->factor ?? 0.0), 1e-9);
    });

    it('that read what cannot be is refused; one from before the runs says nothing', function () use ($run): void {
        expect(fn () => heatOf([$run(0.0)], 180.0, new Thermometer(zone('left-joint-web'), 120.0, 900.0)))->toThrow(InvalidFields::class, 'mistake')->and(fn () => heatOf([$run(0.0)], 180.0, new Thermometer(zone('left-joint-bottom'), 15.0, 30.0)))->toThrow(InvalidFields::class, 'expected')
            ->and(heatOf([$run(100.0)], 180.0, new Thermometer(zone('left-joint-web'), 50.0, 21.0))?->factor)->toBeNull();
    });
});

describe('a zone', function (): void {
    it('is found by its name, and nothing else is', function (): void {
        foreach ([...Zone::all(true), ...Zone::all(false)] as $zone) {
            expect(Zone::named($zone->id()))->toEqual($zone);
        }
        expect(count(Zone::all(true)))->toBe(12)
            ->and(Zone::named('left-rear-top')?->label())->toBe('Left rail, rear joint, upper flange')
            ->and(Zone::named('middle-joint-web'))->toBeNull()
            ->and(Zone::named('left-joint'))->toBeNull()
            ->and(Zone::named('left-joint-web-more'))->toBeNull()
            ->and(Zone::named(''))->toBeNull();
    });
});

describe('settings as they were used last', function (): void {
    $run = fn (float $thickness, float $current): array => ['railThickness' => $thickness, 'current' => $current];

    it('are those of the rail most alike, and of these the latest', function () use ($run): void {
        $runs = [$run(8.0, 200.0), $run(6.0, 165.0), $run(6.1, 160.0), $run(4.0, 120.0)];
        expect(NearestSettings::of($runs, 6.0)['current'])->toBe(165.0)
            ->and(NearestSettings::of($runs, 4.5)['current'])->toBe(120.0)
            ->and(NearestSettings::of($runs, null)['current'])->toBe(200.0)
            ->and(NearestSettings::of([], 6.0))->toBe([]);
    });

    it('of a rail that nobody knew come last', function () use ($run): void {
        expect(NearestSettings::of([['current' => 90.0], $run(12.0, 240.0)], 6.0)['current'])->toBe(240.0)
            ->and(NearestSettings::of([['current' => 90.0]], 6.0)['current'])->toBe(90.0);
    });
});
