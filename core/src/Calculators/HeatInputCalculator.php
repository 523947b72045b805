<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Heat that a run puts in, and how fast its zone cools from 800 to 500 °C (EN 1011-1 and EN 1011-2). */
final readonly class HeatInputCalculator implements Calculator
{
    private const EFFICIENCY = ['mag' => 0.8, 'mig' => 0.8, 'stick' => 0.8, 'flux-core' => 0.8, 'tig' => 0.6, 'plasma' => 0.6, 'submerged' => 1.0];

    /** Joint factors of a thin and of a thick plate. */
    private const FACTORS = ['bead' => [1.0, 1.0], 'butt' => [0.9, 0.9], 'corner' => [0.9, 0.67], 'tee' => [0.67, 0.67]];

    private const MIN_HEAT = 0.02;

    private const MAX_HEAT = 5.0;

    public static function name(): string
    {
        return 'heat-input';
    }

    public static function title(): string
    {
        return 'Heat of a run';
    }

    public static function purpose(): string
    {
        return 'From volts, amps and speed: kilojoules a millimetre, and for low-alloy steels the cooling time from 800 to 500 °C. The window is the steel maker’s; follow the welding procedure and licensed practice.';
    }

    public static function fields(): array
    {
        return [
            Field::choice('process', 'Process', array_keys(self::EFFICIENCY)),
            Field::number('voltage', 'Voltage', 'V')->between(1, 60),
            Field::number('current', 'Current', 'A')->between(1, 1500),
            Field::number('speed', 'Speed', 'mm/min', 'Or the length and the seconds.')->positive()->optional(),
            Field::length('length', 'Length of the run')->positive()->optional(),
            Field::number('seconds', 'Time of the run', 's')->positive()->optional(),
            Field::number('efficiency', 'Efficiency', '', 'Left empty: by the process.')->between(0.1, 1.0)->optional(),
            Field::length('thickness', 'Thickness', 'Left empty: no cooling time.')->positive()->optional(),
            Field::number('initialTemperature', 'Temperature of the plate', '°C')->between(-30, 400)->defaults(20.0),
            Field::choice('joint', 'Joint', array_keys(self::FACTORS))->defaults('butt'),
            Field::number('f2', 'Factor of a thin plate', '', 'Left empty: by the joint.')->between(0.1, 1.0)->optional(),
            Field::number('f3', 'Factor of a thick plate', '', 'Left empty: by the joint.')->between(0.1, 1.0)->optional(),
            Field::numbers('window', 'Window of the cooling time', 's', 2)->defaults([5.0, 20.0]),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('heatInput', 'Heat input', 'kJ/mm'),
            Result::number('speed', 'Speed', 'mm/min'),
            Result::number('runHeat', 'Heat of the run', 'kJ'),
            Result::number('coolingTime', 'Cooling time from 800 to 500 °C', 's'),
            Result::sentence('regime', 'The plate counts as'),
            Result::length('transitionThickness', 'Thin up to'),
            Result::sentence('verdict', 'Against the window'),
        ];
    }

    public static function source(): string
    {
        return 'Q = η 60 U I / (1000 v), EN 1011-1; t₈/₅ of thin and thick plates, EN 1011-2.';
    }

    public function calculate(Values $given): array
    {
        $speed = $this->speed($given);
        $efficiency = $given->optional('efficiency') ?? self::EFFICIENCY[$given->text('process')];
        $heat = $efficiency * 60 * $given->number('voltage') * $given->number('current') / (1000 * $speed);
        if ($heat < self::MIN_HEAT || $heat > self::MAX_HEAT) {
            throw InvalidFields::with([sprintf('speed: a heat input of %.3g kJ/mm is none that is welded with (from %g to %g); check volts, amps and speed.', $heat, self::MIN_HEAT, self::MAX_HEAT)]);
        }
        $length = $given->optional('length');

        return ['heatInput' => $heat, 'speed' => $speed, 'runHeat' => $length === null ? null : $heat * $length, ...$this->cooling($given, $heat)];
    }

    /** mm/min */
    private function speed(Values $given): float
    {
        [$speed, $length, $seconds] = [$given->optional('speed'), $given->optional('length'), $given->optional('seconds')];

        return match (true) {
            $speed !== null && $seconds !== null, $speed === null && $seconds === null => throw InvalidFields::with(['speed: give the speed, or the length and the seconds; not both, and not neither.']),
            $speed !== null => $speed,
            $length === null => throw InvalidFields::with(['length: missing: seconds say nothing without the length of the run.']),
            default => $length * 60 / $seconds,
        };
    }

    /** @return array{coolingTime: ?float, regime: ?string, transitionThickness: ?float, verdict: ?string} */
    private function cooling(Values $given, float $heat): array
    {
        [$from, $to] = $given->numbers('window');
        if ($from >= $to) {
            throw InvalidFields::with(['window: has to rise, such as [5, 20].']);
        }
        $thickness = $given->optional('thickness');
        if ($thickness === null) {
            return ['coolingTime' => null, 'regime' => null, 'transitionThickness' => null, 'verdict' => null];
        }
        $t0 = $given->number('initialTemperature');
        [$f2, $f3] = self::FACTORS[$given->text('joint')];
        [$thin, $thick] = [4300 - 4.3 * $t0, 6700 - 5 * $t0];
        [$a, $b] = [1 / (500 - $t0), 1 / (800 - $t0)];
        $transition = sqrt($thin / $thick * 1e5 * $heat * ($a + $b));
        $isThin = $thickness <= $transition;
        $time = $isThin
            ? $thin * 1e5 * $heat ** 2 / $thickness ** 2 * ($a ** 2 - $b ** 2) * ($given->optional('f2') ?? $f2)
            : $thick * $heat * ($a - $b) * ($given->optional('f3') ?? $f3);

        return ['coolingTime' => $time, 'regime' => $isThin ? 'thin' : 'thick', 'transitionThickness' => $transition, 'verdict' => $time < $from ? 'short' : ($time > $to ? 'long' : 'within')];
    }
}
