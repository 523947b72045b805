<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Frame\Side;
use Geodex\Core\Plan\Sight;
use Geodex\Core\Plan\StationSights;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Trucks;

/** @return list<string> */
function sightsAt(float $station, Side $side = Side::Left): array
{
    return array_map(fn (Sight $one): string => sprintf('%g %s', $one->distance, $one->from), (new StationSights(Readings::ladder(5), Trucks::truck()))->of($station, $side));
}

it('finds a station again from the nearest thing ahead and the nearest behind', function () {
    // Points stand at 100, 800, 1500, 2200 and 2900; the crossmember X2 ends at 1580; the loom hole is at 1900, on the left alone.
    expect(sightsAt(1700.0))->toBe(['120 the rear edge of crossmember X2', '-200 the middle of hole O1'])
        ->and(sightsAt(1700.0, Side::Right))->toBe(['120 the rear edge of crossmember X2', '-500 DR']);
});

it('hooks the tape to nothing that is too near to be read from', function () {
    expect(sightsAt(1610.0)[0])->toBe('110 CL')->and(sightsAt(1870.0)[1])->toBe('-330 DL');
});

it('has one sight alone at either end', function () {
    expect(sightsAt(-650.0))->toHaveCount(1)
        ->and(sightsAt(-650.0)[0])->toStartWith('-')
        ->and(sightsAt(5300.0))->toHaveCount(1);
});

it('finds nothing from itself', function () {
    expect((new StationSights(Readings::ladder(5), Trucks::truck()))->of(1540.0, Side::Left)[1]->from)->toBe('the rear edge of crossmember X2')
        ->and((new StationSights(Readings::ladder(5), Trucks::truck()))->of(1540.0, Side::Left, 'X2')[1]->from)->not->toContain('X2');
});

it('hooks the tape to no weld, bend, crack, tank or back of the cab', function (array $feature) {
    $truck = fn (array $one): Chassis => Trucks::truck(['features' => [['id' => 'X2', 'kind' => 'crossmember', 'station' => 1540, 'length' => 80], ['id' => 'F1', 'side' => 'left', 'station' => 1640, ...$one]]]);
    $ahead = fn (array $one): string => (new StationSights(Readings::ladder(5), $truck($one)))->of(1800.0, Side::Left)[0]->from;
    expect($ahead($feature))->toBe('the rear edge of crossmember X2')->and($ahead(['kind' => 'body-mount']))->toContain('F1');
})->with([
    'weld' => [['kind' => 'weld']], 'bend' => [['kind' => 'bend', 'length' => 20]], 'crack' => [['kind' => 'crack', 'length' => 20]],
    'tank' => [['kind' => 'tank', 'length' => 40]], 'back of the cab' => [['kind' => 'back-of-cab']],
]);
