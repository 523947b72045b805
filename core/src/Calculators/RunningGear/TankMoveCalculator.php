<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** A fuel tank in its new place: what its straps carry, whether it fills, whether it breathes. */
final readonly class TankMoveCalculator implements Calculator
{
    private const G = 9.80665;

    public static function name(): string
    {
        return 'tank-move';
    }

    public static function title(): string
    {
        return 'Tank moved: straps, filler, vent';
    }

    public static function purpose(): string
    {
        return 'What each strap of a moved tank carries, whether its filler falls all the way, whether its vent ends above it, and what the move does to the axles. Empty, flush and vent a fuel tank before anything hot comes near it; pipes, rollover valve and shields as the vehicle maker and local law have them.';
    }

    public static function source(): string
    {
        return 'Statics; 0.84 kg per litre (diesel; petrol about 0.75), threefold for kerbs, filler falling 10°, vent 20 mm above: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::number('litres', 'Holds', 'l')->positive(), Field::number('mass', 'Empty', 'kg')->between(0.0, null), Field::number('density', 'Fuel', 'kg/l')->positive()->defaults(0.84),
            Field::count('straps', 'Straps')->between(1.0, 12.0), Field::number('factor', 'Kerb and landing', '×')->between(1.0, 10.0)->defaults(3.0), Field::number('strapHolds', 'A strap may carry', 'kN', 'By its maker.')->positive()->optional(),
            Field::group('filler', 'Filler', [Field::length('mouth', 'Mouth, height'), Field::length('inlet', 'Inlet of the tank, height'), Field::length('run', 'On the level between them')->positive(), Field::number('least', 'falls at least', '°')->between(0.0, 90.0)->defaults(10.0), Field::lengths('dips', 'Lowest places of the hose, heights', 0, 20, 'In order, from the mouth down.')->optional()])->optional(),
            Field::group('vent', 'Vent', [Field::length('top', 'Top of the tank, height'), Field::length('end', 'End of the vent, height'), Field::length('above', 'ends above by')->between(0.0, null)->defaults(20.0)])->optional(),
            Field::length('rearward', 'Moved rearward')->optional(), Field::length('wheelbase', 'Wheelbase')->positive()->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('full', 'Full', 'kg'),
            Result::group('strap', 'A strap', [Result::number('still', 'still', 'N'), Result::number('jolted', 'over a kerb', 'N'), Result::word('state', 'state')]),
            Result::group('filler', 'Filler', [Result::number('fall', 'falls', '°'), Result::word('state', 'state'), Result::word('trap', 'low place')]),
            Result::group('vent', 'Vent', [Result::length('above', 'ends above the tank by'), Result::word('state', 'state')]),
            Result::number('rearAxle', 'Rear axle carries more, full', 'kg'),
        ];
    }

    public function calculate(Values $given): array
    {
        $full = $given->number('mass') + $given->number('litres') * $given->number('density');
        // A part of it may sit on one strap more than on another: an even share is the least that each must take.
        $still = $full * self::G / $given->number('straps');
        $jolted = $still * $given->number('factor');
        [$moved, $wheelbase] = [$given->optional('rearward'), $given->optional('wheelbase')];
        $filler = $given->group('filler');
        $vent = $given->group('vent');

        return [
            'full' => $full, 'strap' => ['still' => $still, 'jolted' => $jolted, 'state' => Limit::atMost($jolted / 1000, $given->optional('strapHolds'))],
            'filler' => $filler === null ? null : $this->filler($filler),
            'vent' => $vent === null ? null : ['above' => $vent->number('end') - $vent->number('top'), 'state' => Limit::atLeast($vent->number('end') - $vent->number('top'), $vent->number('above'))],
            'rearAxle' => $moved === null || $wheelbase === null ? null : $full * $moved / $wheelbase,
        ];
    }

    /** @return array{fall: float, state: string, trap: string} */
    private function filler(Values $filler): array
    {
        $fall = rad2deg(atan2($filler->number('mouth') - $filler->number('inlet'), $filler->number('run')));
        $heights = [$filler->number('mouth'), ...($filler->has('dips') ? $filler->numbers('dips') : []), $filler->number('inlet')];
        $rises = array_filter(array_keys(array_slice($heights, 1)), fn (int $i): bool => $heights[$i + 1] > $heights[$i]);

        return ['fall' => $fall, 'state' => Limit::atLeast($fall, $filler->number('least')), 'trap' => $rises !== [] ? 'out' : ($filler->has('dips') ? 'in' : 'not given')];
    }
}
