<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Bending;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Sheet bent in a press brake: flat length, where each bend line lies, force, least flange. */
final readonly class PressBrakeCalculator implements Calculator, HasShopDefaults
{
    /** Newtons a square millimetre of sheet for each of tensile strength, air bending in a V of eight times the sheet. */
    private const AIR_BENDING = 1.42;

    private const DIE_OF_THICKNESS = 8.0;

    private const FLANGE_OF_DIE = 0.7;

    private const LEAST_RADIUS_BY_RULE = 0.3;

    /** @return list<ShopDefault> 0 is not known */
    public static function shopDefaults(): array
    {
        return [
            new ShopDefault('Press brake', Field::number('brakeForce', 'Its force', 'N')->between(0.0, 1e8)->defaults(0.0), 'plate of the machine; 0: none, or not known'),
            new ShopDefault('Press brake', Field::length('brakeLength', 'Bends at most')->between(0.0, 20_000.0)->defaults(0.0), 'plate of the machine; 0: none, or not known'),
        ];
    }

    /** @return array<string, mixed> what an empty form starts with in a shop; nothing where its machine is not known */
    public static function startsWith(Shop $shop): array
    {
        [$force, $length] = array_map($shop->value(...), self::shopDefaults());

        return $force > 0.0 && $length > 0.0 ? ['machine' => ['force' => $force, 'length' => $length]] : [];
    }

    public static function name(): string
    {
        return 'press-brake';
    }

    public static function title(): string
    {
        return 'Bend of a press brake';
    }

    public static function purpose(): string
    {
        return 'How long the flat is cut, where each bend line is scribed, and what force the bend takes. A trial strip of the same sheet tells more than any rule.';
    }

    public static function source(): string
    {
        return 'Allowance and deduction by the neutral fibre; K by DIN 6935; force of air bending from sheet-metal handbooks.';
    }

    public static function fields(): array
    {
        return [
            Field::length('thickness', 'Sheet')->positive(),
            Field::length('insideRadius', 'Inside radius')->between(0.0, null),
            Field::lengths('flanges', 'Flanges, outside', 2, 201)->positive(),
            Field::series('bends', 'Bends', '°', 1, 200, 'By how much the sheet turns at each.')->positive(),
            Field::number('kFactor', 'Neutral fibre at, of the sheet', '', 'Left empty: by DIN 6935.')->optional(),
            Field::group('trial', 'or from a trial strip', [Field::length('flat', 'Flat before')->positive(), Field::lengths('flanges', 'Flanges after, outside', 2, 2)->positive(), Field::number('angle', 'Bent by', '°')->positive()])->optional(),
            Field::length('length', 'Along the bend')->positive()->optional(),
            Field::number('tensileStrength', 'Tensile strength', 'MPa')->positive()->defaults(450.0),
            Field::length('dieOpening', 'Opening of the V', 'Left empty: eight times the sheet.')->positive()->optional(),
            Field::number('leastRadiusFactor', 'Least inside radius, of the sheet', '', '1 for mild steel, 2 to 2.5 for high strength, across the rolling.')->between(0.0, null)->defaults(1.0),
            Field::group('machine', 'Machine', [Field::number('force', 'Force', 'N')->positive(), Field::length('length', 'Bends at most')->positive()])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('flat', 'Cut the flat to'),
            Result::table('bends', 'Bends', [Result::number('angle', 'by', '°'), Result::length('line', 'line from the first edge'), Result::length('allowance', 'allowance'), Result::length('setback', 'setback'), Result::length('deduction', 'deduction')]),
            Result::number('kFactor', 'Neutral fibre at, of the sheet'),
            Result::number('force', 'Force', 'N'),
            Result::length('dieOpening', 'Opening of the V'),
            Result::length('leastFlange', 'Shortest flange'),
            Result::length('leastInsideRadius', 'Least inside radius'),
            Result::length('holeToBend', 'Edge of a hole from the bend, at least'),
            Result::truth('radiusOk', 'Large enough in radius'),
            Result::truth('withinMachine', 'Within the machine'),
        ];
    }

    public function calculate(Values $given): array
    {
        [$thickness, $radius, $flanges, $angles] = [$given->number('thickness'), $given->number('insideRadius'), $given->numbers('flanges'), $given->numbers('bends')];
        $die = $given->optional('dieOpening') ?? self::DIE_OF_THICKNESS * $thickness;
        $this->check($flanges, $angles, $die);
        $k = $this->neutral($given, $thickness, $radius);
        $bends = [];
        $at = 0.0;
        foreach ($angles as $i => $angle) {
            $allowance = deg2rad($angle) * ($radius + $k * $thickness);
            $setback = ($radius + $thickness) * tan(deg2rad($angle) / 2);
            $deduction = 2 * $setback - $allowance;
            if ($i > 0 && $flanges[$i] - $setback - $bends[$i - 1]['setback'] <= 1e-9) {
                throw InvalidFields::at("flanges[$i]", 'no flat is left between its two bends.');
            }
            $at += $flanges[$i];
            $bends[] = ['angle' => $angle, 'allowance' => $allowance, 'setback' => $setback, 'deduction' => $deduction, 'line' => $at - $deduction / 2];
            $at -= $deduction;
        }
        $long = $given->optional('length');
        $force = $long === null ? null : self::AIR_BENDING * $given->number('tensileStrength') * $thickness ** 2 * $long / $die;
        $least = $given->number('leastRadiusFactor') * $thickness;

        return [
            'kFactor' => $k, 'flat' => $at + $flanges[count($angles)], 'bends' => $bends, 'force' => $force, 'dieOpening' => $die, 'leastFlange' => self::FLANGE_OF_DIE * $die,
            'leastInsideRadius' => $least, 'radiusOk' => $radius >= $least - 1e-9, 'holeToBend' => 2 * $thickness + $radius, 'withinMachine' => $this->within($given->group('machine'), $force, $long),
        ];
    }

    /**
     * @param  list<float>  $flanges
     * @param  list<float>  $angles
     */
    private function check(array $flanges, array $angles, float $die): void
    {
        if (count($angles) !== count($flanges) - 1) {
            throw InvalidFields::at('bends', sprintf('%d flanges have %d bends between them.', count($flanges), count($flanges) - 1));
        }
        foreach ($angles as $i => $angle) {
            if ($angle > 150.0) {
                throw InvalidFields::at("bends[$i]", 'a press bends by 150° at the most.');
            }
        }
        foreach ($flanges as $i => $flange) {
            if ($flange < self::FLANGE_OF_DIE * $die - 1e-9) {
                throw InvalidFields::at("flanges[$i]", sprintf('falls into the V: at least %.1f mm for an opening of %.1f mm.', self::FLANGE_OF_DIE * $die, $die));
            }
        }
    }

    private function neutral(Values $given, float $thickness, float $radius): float
    {
        $trial = $given->group('trial');
        if ($trial !== null && $given->has('kFactor')) {
            throw InvalidFields::at('trial', 'give the neutral fibre or a trial strip, not both.');
        }
        if ($trial === null && ! $given->has('kFactor')) {
            return $radius < self::LEAST_RADIUS_BY_RULE * $thickness
                ? throw InvalidFields::at('insideRadius', 'the rule holds from 0.3 of the sheet; bend a trial strip.')
                : min(1.0, 0.65 + 0.5 * log10($radius / $thickness)) / 2;
        }
        $k = $given->optional('kFactor') ?? $this->tried($trial ?? $given, $thickness, $radius);

        return $k >= 0.1 && $k <= 0.6 ? $k : throw InvalidFields::at($trial === null ? 'kFactor' : 'trial', sprintf('puts the neutral fibre at %.3f of the sheet; it lies between 0.1 and 0.6.', $k));
    }

    private function tried(Values $trial, float $thickness, float $radius): float
    {
        $angle = deg2rad($trial->number('angle'));
        if ($angle >= M_PI) {
            throw InvalidFields::at('trial.angle', 'under 180°.');
        }

        return (($trial->number('flat') - array_sum($trial->numbers('flanges')) + 2 * ($radius + $thickness) * tan($angle / 2)) / $angle - $radius) / $thickness;
    }

    private function within(?Values $machine, ?float $force, ?float $long): ?bool
    {
        return match (true) {
            $machine === null => null,
            $force === null || $long === null => throw InvalidFields::at('length', 'without the length of the bend nobody knows whether the machine can do it.'),
            default => $force <= $machine->number('force') && $long <= $machine->number('length'),
        };
    }
}
