<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\ComparedRow;
use Geodex\Core\Calculators\Comparison;
use Geodex\Core\Calculators\RunningGear\Errand;
use Geodex\Core\Calculators\RunningGear\GearErrands;
use Geodex\Core\Units\LengthUnit;

/**
 * @param  array<string, mixed>  $values
 * @return list<string>
 */
function errands(string $tool, array $values): array
{
    return array_map(fn (Errand $one): string => $one->kind->value.': '.$one->say->in(LengthUnit::Millimetre), GearErrands::of($tool, 'sheet', Calculators::run($tool, $values)));
}

it('sends a shaft that was cut to be balanced, and buys tube for one that grew', function (): void {
    expect(errands('shaft-cut', ['length' => 1480.0, 'engagement' => 70.0, 'wantedLength' => 1325.0, 'wantedEngagement' => 72.0, 'tube' => 1300.0]))->toBe(['make: Shaft shortened by 153.0 mm; new tube or joined at the marks.', 'send out: Driveshaft, to be balanced.'])
        ->and(errands('shaft-cut', ['length' => 1480.0, 'engagement' => 70.0, 'wantedLength' => 1780.0, 'wantedEngagement' => 70.0, 'tube' => 1300.0, 'method' => 'newTube'])[1])->toStartWith('buy: Tube of the same diameter and wall, 1600.0 mm')
        ->and(errands('shaft-cut', ['length' => 1480.0, 'engagement' => 70.0, 'wantedLength' => 1480.0, 'wantedEngagement' => 70.0, 'tube' => 1300.0]))->toBe([]);
});

it('moves an axle that is off and has it aligned', function (): void {
    expect(errands('axle-square', ['left' => ['x' => 3306.0, 'y' => -740.0], 'right' => ['x' => 3330.0, 'y' => 742.0]]))
        ->toBe(['make: Axle moved rearward by 12.0 mm on the left and -12.0 mm on the right.', 'send out: Wheel alignment.', 'settle: Not all of it is within its limits: settle that before anything is made.']);
});

it('asks for nothing where nothing is to be made', function (): void {
    expect(errands('turning', ['wheelbases' => [3000.0], 'kingpinTrack' => 1480.0, 'innerAngle' => 36.0]))->toBe([]);
});

/** @return array<string, ComparedRow> */
function compared(string $tool, array $before, array $after): array
{
    return array_column(array_map(fn (ComparedRow $one): array => [$one->what, $one], Comparison::of(Calculators::named($tool)::results(), $before === [] ? [] : Calculators::run($tool, $before), Calculators::run($tool, $after))), 1, 0);
}

it('puts before, after, limit and state of a train in one row each', function (): void {
    $train = fn (float $pinion): array => ['speed' => 3600.0, 'input' => ['fall' => 3.0], 'output' => ['fall' => $pinion], 'joints' => [[], []], 'shafts' => [['fall' => 6.0]]];
    $rows = compared('train', $train(3.0), $train(9.0));
    $second = $rows['Joints 2, angle'];

    expect([$second->before, $second->after, $second->unit, $second->state, $second->changes()])->toEqualWithDelta([3.0, 3.0, '°', 'in', false], 1e-6)
        ->and($second->limit)->toEqualWithDelta(17301 / 3600, 0.01)
        ->and($rows['Left at the end, as one joint of']->limit)->toEqualWithDelta(9476 / 3600, 0.01)
        ->and($rows['Joints 1, angle']->before)->toEqualWithDelta(3.0, 1e-9)
        ->and($rows)->not->toHaveKey('Joints 1, limit')->not->toHaveKey('Joints 1, state');
});

it('says nothing of before where there was none, and that the value changed where it did', function (): void {
    $weights = ['wheelbase' => 3000.0, 'wheels' => ['frontLeft' => 600, 'frontRight' => 600, 'rearLeft' => 750, 'rearRight' => 750]];
    $alone = compared('weights', [], $weights);
    $moved = compared('weights', $weights, [...$weights, 'wheels' => ['frontLeft' => 500, 'frontRight' => 600, 'rearLeft' => 750, 'rearRight' => 750]]);

    expect(array_filter($alone, fn (ComparedRow $one): bool => $one->before !== null || $one->changes()))->toBe([])
        ->and(array_filter($moved, fn (ComparedRow $one): bool => $one->changes()))->not->toBe([]);
});

it('tells no more than six rows of a long list', function (): void {
    $rows = compared('half-shaft', [], ['inner' => [0.0, 100.0, 300.0], 'outer' => [30.0, 620.0, 300.0], 'travel' => array_map(fn (int $z): array => ['z' => (float) $z], range(-90, 80, 10))]);

    expect($rows)->toHaveKey('Travel 6, length')->not->toHaveKey('Travel 7, length')
        ->and($rows['Travel 1, plunge']->state)->toBe('not given');
});
