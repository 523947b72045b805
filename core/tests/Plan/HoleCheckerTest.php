<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Plan\HoleChecker;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Tests\Support\Trucks;

/**
 * What is said of a new hole of 14 at 3000 on the truck's bare rail, with something beside it.
 *
 * @param  array<string, mixed>  $hole
 * @param  list<array<string, mixed>>  $beside
 */
function saidOfHole(array $hole = [], array $beside = [], array $rail = [], ?Shop $shop = null): string
{
    $chassis = Trucks::truck(['features' => $beside, 'rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => [...Trucks::CHANNEL, 'insideRadius' => 6], ...$rail]]]);
    $new = Fixture::of('op1', (new FieldReader)->read(Fixture::fields(), ['kind' => 'hole', 'station' => 3000, 'diameter' => 14, ...$hole]));

    return Said::mm((new HoleChecker($chassis, $shop ?? new Shop))->of('op1', $new));
}

it('has nothing to say of a hole in the middle of a bare web', function () {
    expect(saidOfHole())->toBe('');
});

it('keeps a hole away from the bend of the flange: 2.5 walls from its edge', function (float $up, bool $said) {
    // Half depth 100, bend 12 from the outside, radius 7, 15 asked: up to 66.
    expect(str_contains(saidOfHole(['up' => $up]), 'to the bend of the flange, 15 mm asked'))->toBe($said);
})->with([[66.0, false], [66.1, true], [-66.0, false], [-66.1, true], [80.0, true]]);

it('lets no hole be larger than a fifth of the web', function () {
    expect(saidOfHole(['diameter' => 40]))->toBe('')
        ->and(saidOfHole(['diameter' => 40.5]))->toContain('⌀ 40.5 mm is more than 20 % of the web (shop default)');
});

it('keeps holes three diameters apart, of the larger one, on one face', function (array $other, bool $said) {
    expect(str_contains(saidOfHole([], [['id' => 'O', 'kind' => 'bolt', 'station' => 3000, ...$other]]), '(shop default)'))->toBe($said);
})->with([
    'beside' => [['station' => 3041, 'diameter' => 10], true],
    'far enough' => [['station' => 3042, 'diameter' => 10], false],
    'above' => [['up' => 41, 'diameter' => 10], true],
    'of the larger' => [['station' => 3059, 'diameter' => 20], true],
    'on the other side' => [['station' => 3010, 'diameter' => 10, 'side' => 'left'], true],
    'in the flange' => [['station' => 3010, 'diameter' => 10, 'face' => 'top'], false],
]);

it('keeps a hole off a weld and away from hangers', function () {
    expect(saidOfHole([], [['id' => 'W', 'kind' => 'weld', 'station' => 3031]]))->toContain('24.0 mm to weld W, 25 mm asked')->and(saidOfHole([], [['id' => 'W', 'kind' => 'weld', 'station' => 3032]]))->toBe('')
        ->and(saidOfHole([], [['id' => 'H', 'kind' => 'spring-hanger', 'station' => 3599]]))->toContain('no new hole within 600 mm (shop default)')->and(saidOfHole([], [['id' => 'H', 'kind' => 'spring-hanger', 'station' => 3600]]))->toBe('');
});

it('follows the values of the shop', function () {
    expect(saidOfHole([], [['id' => 'H', 'kind' => 'spring-hanger', 'station' => 3599]], shop: new Shop(['holeHanger' => 2.0])))->toBe('')
        ->and(saidOfHole(['diameter' => 30], shop: new Shop(['holeLargest' => 0.1])))->toContain('10 % of the web (this shop\'s own');
});

it('refuses a hole in the flange of steel that takes none, and asks for a calculation elsewhere', function () {
    expect(saidOfHole(['face' => 'top'], rail: ['steel' => 'heat-treated']))->toContain('no hole in the flange of high-strength')
        ->and(saidOfHole(['face' => 'bottom'], rail: ['steel' => 'high-strength']))->toContain('no hole in the flange')
        ->and(saidOfHole(['face' => 'top']))->toContain('only by calculation');
});

it('says nothing of what is no hole', function () {
    $weld = Fixture::of('op1', (new FieldReader)->read(Fixture::fields(), ['kind' => 'weld', 'station' => 3000]));
    expect((new HoleChecker(new Chassis, new Shop))->of('op1', $weld))->toBe([]);
});
