<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Loads\CannotLoad;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\LoadCase;
use Geodex\Core\Chassis\Loads\LoadKind;
use Geodex\Core\Chassis\Loads\WinchPull;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Trucks;

/** A truck whose heights are known: rails 600 above the ground, cab 400 above them, body 700, load 900. */
function heightenedTruck(array $change = []): Chassis
{
    $document = Trucks::document();

    return Trucks::truck([
        'axles' => array_map(fn (array $axle): array => [...$axle, 'railHeight' => 600], $document['axles']),
        'masses' => array_map(fn (array $mass, int $above): array => [...$mass, 'above' => $above], $document['masses'], [400, 700, 900]),
        ...$change,
    ]);
}

describe('a frame that brakes', function () {
    it('presses on the front axle what moments about the rear wheel say', function () {
        $loads = new FrameLoads(heightenedTruck(), new Shop(['brakeDeceleration' => 0.5]));
        [$laden, $braking] = [$loads->under(LoadKind::Laden), $loads->under(LoadKind::Braking)];
        // ΔR L = a Σ m (rail + above): each mass at its height over the ground.
        $shifted = 0.5 * (1100 * 1000 + 900 * 1300 + 1800 * 1500) / 3300;
        expect($braking->carried()[0] - $laden->carried()[0])->toEqualWithDelta($shifted, 1e-3)
            ->and($braking->carried()[1] - $laden->carried()[1])->toEqualWithDelta(-$shifted, 1e-3);
    });

    it('bends its rails by the moments of free bodies cut there', function (float $x) {
        $case = (new FrameLoads(heightenedTruck(), new Shop(['brakeDeceleration' => 0.5])))->under(LoadKind::Braking);
        $g = LoadCase::GRAVITY;
        // Behind the cut: body and load spread evenly, their push at its height, no support between 4200 and the end.
        $part = fn (float $kg, float $from, float $to): array => [$kg * (min($to, 9e9) - max($from, $x)) / ($to - $from), (max($from, $x) + $to) / 2];
        [$body, $bodyAt] = $part(900, 900, 5300);
        [$load, $loadAt] = $part(1800, 1200, 5000);
        $expected = -$g * ($body * ($bodyAt - $x) + $load * ($loadAt - $x)) / 1000;
        // A spread couple M goes in as M over its length at both ends, so that what is behind the cut has its share of it.
        $expected += 0.5 * $g * (900 * 700 * (5300 - $x) / 4400 + 1800 * 900 * (5000 - $x) / 3800) / 1000;
        expect($case->moments([$x])[0])->toEqualWithDelta($expected, 1e-6);
    })->with([4200.0, 4500.0, 4900.0]);

    it('is no case while a height is missing', function () {
        expect((new FrameLoads(Trucks::truck()))->under(LoadKind::Braking))->toBeNull()
            ->and((new FrameLoads(heightenedTruck(['axles' => Trucks::document()['axles']])))->under(LoadKind::Braking))->toBeNull();
    });

    it('has neither sag nor frequency, and stands before the jacks in the list', function () {
        $loads = new FrameLoads(heightenedTruck());
        expect($loads->stiffness($loads->under(LoadKind::Braking)))->toBeNull()
            ->and(array_map(fn (LoadCase $one): string => $one->kind->value, $loads->cases))->toBe(['empty', 'laden', 'load-forward', 'load-rearward', 'tipping', 'braking', 'jacked-front', 'jacked-rear']);
    });

    it('without a load to take away brakes empty', function () {
        $loads = new FrameLoads(heightenedTruck(['masses' => [['id' => 'M', 'name' => 'all', 'mass' => 1000, 'station' => 1650, 'above' => 0]]]), new Shop(['brakeDeceleration' => 0.5]));
        expect($loads->under(LoadKind::Braking)->carried()[0])->toEqualWithDelta(500 + 0.5 * 1000 * 600 / 3300, 1e-3);
    });
});

describe('a winch', function () {
    $pull = fn (array $given): array => WinchPull::from((new FieldReader)->read(WinchPull::fields(), ['pull' => 20, 'station' => -700, ...$given]))->on(new FrameLoads(heightenedTruck()), heightenedTruck());

    it('that pulls level and forward turns the nose down by its height above the ground', function () use ($pull) {
        ['without' => $without, 'with' => $with] = $pull(['above' => 100]);
        $moved = 20_000 * 700 / LoadCase::GRAVITY / 3300;
        expect($with->carried()[0] - $without->carried()[0])->toEqualWithDelta($moved, 1e-6)
            ->and(array_sum($with->carried()))->toEqualWithDelta(array_sum($without->carried()), 1e-6);
    });

    it('pulled rearward does the opposite', function () use ($pull) {
        ['without' => $without, 'with' => $with] = $pull(['above' => 100, 'way' => 'rearward']);
        expect($with->carried()[0] - $without->carried()[0])->toEqualWithDelta(-20_000 * 700 / LoadCase::GRAVITY / 3300, 1e-6);
    });

    it('whose rope falls presses as well', function () use ($pull) {
        ['without' => $without, 'with' => $with] = $pull(['falls' => 30]);
        expect(array_sum($with->carried()) - array_sum($without->carried()))->toEqualWithDelta(20_000 * 0.5 / LoadCase::GRAVITY, 1e-6);
    });

    it('bears on the rail without the dynamic factor', function () use ($pull) {
        $worst = $pull(['above' => 100])['worst'];
        expect($worst->stress)->toEqualWithDelta(0.5 * abs($worst->moment) * 1000 / $worst->rail->modulus, 1e-9);
    });

    it('cannot be told where nobody said how high the rails are', function () {
        $given = (new FieldReader)->read(WinchPull::fields(), ['pull' => 20, 'station' => -700]);
        expect(fn () => WinchPull::from($given)->on(new FrameLoads(Trucks::truck()), Trucks::truck()))->toThrow(CannotLoad::class, 'above the ground is not given');
    });
});
