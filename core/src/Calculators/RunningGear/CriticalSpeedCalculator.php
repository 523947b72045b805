<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** How fast a tube may turn, and what torque asks of it. */
final readonly class CriticalSpeedCalculator implements Calculator
{
    private const GRAVITY = 9.80665;

    public static function name(): string
    {
        return 'critical-speed';
    }

    public static function title(): string
    {
        return 'Critical speed and torque of a tube';
    }

    public static function purpose(): string
    {
        return 'How fast a shaft may turn before it bends like a skipping rope, how long it may be, and what torque asks of tube and weld. Rigid supports, so that a real shaft lies lower; static, without a factor for shock or fatigue.';
    }

    public static function source(): string
    {
        return 'Pinned beam: Blevins, Formulas for Natural Frequency and Mode Shape; torque and weld: Shigley\'s Mechanical Engineering Design. Margin: shop default, 0.75 (0.65 is another school).';
    }

    public static function fields(): array
    {
        return [
            Field::length('outer', 'Tube, outer diameter')->positive(),
            Field::length('wall', 'Wall')->positive(),
            Field::length('length', 'Joint to joint, or joint to bearing')->positive(),
            Field::number('speed', 'Greatest speed', 'rev/min')->positive(),
            Field::number('margin', 'Allowed share of the critical speed')->between(0.0, 1.0)->positive()->defaults(0.75),
            Field::number('modulus', 'Modulus', 'MPa')->positive()->defaults(205_000.0),
            Field::number('density', 'Density', 'kg/m³')->positive()->defaults(7850.0),
            Field::length('measuredWall', 'Wall as found on opening')->positive()->optional(),
            Field::group('lumped', 'A sleeve or insert', [Field::number('mass', 'Its mass', 'kg')->between(0.0, null), Field::length('at', 'From one end', 'Left empty: in the middle.')->optional()])->optional(),
            Field::group('torque', 'Torque', [
                Field::number('engine', 'of the engine', 'N·m')->positive()->optional(),
                Field::number('gear', 'Lowest gear, with a transfer case\'s')->positive()->defaults(1.0),
                Field::number('efficiency', 'Efficiency')->between(0.0, 1.0)->positive()->defaults(1.0),
                Field::group('slip', 'When the wheels slip', [Field::number('mass', 'On the driven axle', 'kg')->positive(), Field::number('friction', 'Friction')->positive(), Field::length('tyreRadius', 'Tyre radius')->positive(), Field::number('axleRatio', 'Axle ratio')->positive()])->optional(),
            ])->optional(),
            Field::length('weldLeg', 'Leg of the weld at the yoke')->positive()->optional(),
        ];
    }

    public static function results(): array
    {
        $tube = [Result::number('mass', 'Mass of the tube', 'kg'), Result::number('criticalSpeed', 'Critical speed', 'rev/min'), Result::number('allowed', 'Allowed', 'rev/min'), Result::length('longest', 'Longest at that speed'), Result::number('shear', 'Shear in the tube', 'MPa'), Result::word('state', 'Speed')];

        return [
            ...$tube,
            Result::group('torque', 'Torque', [Result::number('engine', 'by the engine', 'N·m'), Result::number('slip', 'when the wheels slip', 'N·m'), Result::number('governing', 'the lesser counts', 'N·m')]),
            Result::number('weldShear', 'Shear in the weld', 'MPa'),
            Result::group('measured', 'With the wall as found', $tube),
        ];
    }

    public function calculate(Values $given): array
    {
        $torque = $this->torque($given->group('torque'));
        $leg = $given->optional('weldLeg');
        $outer = $given->number('outer');
        $lump = $given->group('lumped');
        $at = $lump?->optional('at');
        if ($at !== null && ($at < 0.0 || $at > $given->number('length'))) {
            throw InvalidFields::at('lumped.at', 'lies outside the shaft.');
        }
        $thin = $given->optional('measuredWall');

        return [
            ...$this->tube($given, $given->number('wall'), 'wall', $torque),
            'torque' => $torque,
            'weldShear' => $torque === null || $leg === null ? null : $torque['governing'] * 1000 / (2 * M_PI * ($outer / 2) ** 2 * 0.707 * $leg),
            'measured' => $thin === null ? null : $this->tube($given, $thin, 'measuredWall', $torque),
        ];
    }

    /**
     * @param  ?array{engine: ?float, slip: ?float, governing: float}  $torque
     * @return array{mass: float, criticalSpeed: float, allowed: float, longest: float, shear: ?float, state: string}
     */
    private function tube(Values $given, float $wall, string $path, ?array $torque): array
    {
        $tube = new TubeShaft($given->number('outer'), $wall, $given->number('modulus'), $given->number('density'), $path);
        [$length, $margin, $speed] = [$given->number('length'), $given->number('margin'), $given->number('speed')];
        $lump = $given->group('lumped')?->number('mass') ?? 0.0;
        $share = ($given->group('lumped')?->optional('at') ?? $length / 2) / $length;
        $critical = $tube->criticalSpeed($length, $lump, $share);

        return [
            'mass' => $tube->mass($length), 'criticalSpeed' => $critical, 'allowed' => $margin * $critical, 'longest' => $tube->longest($speed / $margin, $lump, $share),
            'shear' => $torque === null ? null : $tube->shear($torque['governing']), 'state' => Limit::over($speed, $margin * $critical),
        ];
    }

    /** @return ?array{engine: ?float, slip: ?float, governing: float} */
    private function torque(?Values $given): ?array
    {
        if ($given === null) {
            return null;
        }
        $engine = $given->optional('engine');
        $engine = $engine === null ? null : $engine * $given->number('gear') * $given->number('efficiency');
        $slip = $given->group('slip');
        $slip = $slip === null ? null : $slip->number('friction') * $slip->number('mass') * self::GRAVITY * $slip->number('tyreRadius') / 1000 / $slip->number('axleRatio');
        $known = array_filter([$engine, $slip], is_float(...));

        return $known === [] ? throw InvalidFields::at('torque', 'give the engine\'s torque, or what the wheels hold before they slip.') : ['engine' => $engine, 'slip' => $slip, 'governing' => min($known)];
    }
}
