<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Filler, wire, gas, time and money for some welds. */
final readonly class ConsumablesCalculator implements Calculator
{
    private const EFFICIENCY = ['mag' => 0.95, 'mig' => 0.95, 'flux-core' => 0.85, 'stick' => 0.60, 'tig' => 1.0];

    /** What each kind of weld is told by. */
    private const OF = ['fillet' => ['leg', 'length'], 'groove' => ['thickness', 'length'], 'plug' => ['diameter', 'depth']];

    private const MAY = ['fillet' => ['leg', 'length', 'passes'], 'groove' => ['thickness', 'gap', 'angle', 'length', 'passes'], 'plug' => ['diameter', 'depth']];

    public static function name(): string
    {
        return 'consumables';
    }

    public static function title(): string
    {
        return 'Filler, wire, gas, time and cost';
    }

    public static function purpose(): string
    {
        return 'How much filler and gas some welds take, how long the arc burns and the work lasts, what it costs, and what leg the settings lay. Afterwards the logged time corrects the defaults.';
    }

    public static function source(): string
    {
        return 'Volumes; efficiency by process, convexity 1.15, 14 l/min, a fifth of the time at the arc: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::choice('process', 'Process', array_keys(self::EFFICIENCY)),
            Field::listing('welds', 'Welds', [
                Field::choice('kind', 'kind', array_keys(self::OF)), Field::length('leg', 'leg')->positive()->optional(), Field::length('thickness', 'thickness')->positive()->optional(), Field::length('gap', 'gap')->between(0.0, null)->optional(), Field::number('angle', 'angle', '°')->between(0.0, 149.999)->optional(),
                Field::length('diameter', 'diameter')->positive()->optional(), Field::length('depth', 'depth')->positive()->optional(), Field::length('length', 'length')->positive()->optional(), Field::count('passes', 'passes')->between(1.0, 200.0)->optional(), Field::count('count', 'how many')->between(1.0, 10_000.0)->defaults(1),
            ], 1, 200),
            Field::group('wire', 'Wire', [Field::length('diameter', 'diameter')->positive(), Field::number('feed', 'feed', 'm/min')->positive()->optional()])->optional(), Field::number('travelSpeed', 'Travel', 'mm/min')->positive()->optional(),
            Field::number('efficiency', 'Share that stays')->between(0.0, 1.0)->optional(), Field::number('density', 'Density', 'kg/m³')->positive()->defaults(7850.0), Field::number('convexity', 'Convexity')->between(1.0, 2.0)->defaults(1.15), Field::number('gasFlow', 'Gas', 'l/min')->between(0.0, null)->optional(), Field::number('operatingFactor', 'Share of the time at the arc')->between(0.0, 1.0)->defaults(0.2),
            Field::group('rates', 'Prices', [Field::number('filler', 'filler, per kg')->between(0.0, null)->defaults(0.0), Field::number('gas', 'gas, per m³')->between(0.0, null)->defaults(0.0), Field::number('labour', 'labour, per hour')->between(0.0, null)->defaults(0.0)])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('deposit', 'Weld metal', 'kg'), Result::number('filler', 'Filler', 'kg'), Result::number('wireLength', 'Wire', 'm'), Result::number('arcMinutes', 'Arc', 'min'), Result::number('gas', 'Gas', 'l'), Result::number('labourMinutes', 'Work', 'min'), Result::number('depositionRate', 'Laid down', 'kg/h'), Result::length('legAtSettings', 'Leg at these settings'),
            Result::group('cost', 'Cost', [Result::number('filler', 'filler'), Result::number('gas', 'gas'), Result::number('labour', 'labour'), Result::number('total', 'together')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $process = $given->text('process');
        [$efficiency, $density, $convexity, $share] = [$given->optional('efficiency') ?? self::EFFICIENCY[$process] ?? 1.0, $given->number('density'), $given->number('convexity'), $given->number('operatingFactor')];
        foreach (['efficiency' => $efficiency, 'operatingFactor' => $share] as $name => $value) {
            if ($value <= 0.0) {
                throw InvalidFields::at($name, 'over 0.');
            }
        }
        $wire = $given->group('wire');
        $speed = $given->optional('travelSpeed');
        if (($wire === null || ! $wire->has('feed')) && $speed === null) {
            throw InvalidFields::at('travelSpeed', 'missing: it or the wire and its feed tells how long the arc burns.');
        }
        $welds = $given->list('welds');
        $each = array_map(fn (int $i, Values $weld): float => $this->volume($weld, $convexity, "welds[$i]") * $weld->number('count') * 1e-9 * $density, array_keys($welds), $welds);
        $deposit = array_sum($each);
        $filler = $deposit / $efficiency;
        $area = $wire === null ? null : M_PI / 4 * $wire->number('diameter') ** 2;
        $length = $area === null ? null : $filler / ($area * 1e-6 * $density);
        $feed = $wire?->optional('feed');
        $arc = $length !== null && $feed !== null ? $length / $feed : array_sum(array_map(fn (Values $weld): float => ($weld->optional('passes') ?? 1.0) * ($weld->optional('length') ?? 0.0) * $weld->number('count'), $welds)) / ($speed ?? INF);
        $gas = ($given->optional('gasFlow') ?? ($process === 'stick' ? 0.0 : 14.0)) * $arc;
        $work = $arc / $share;
        $rates = $given->group('rates');
        $cost = $rates === null ? null : ['filler' => $filler * $rates->number('filler'), 'gas' => $gas / 1000 * $rates->number('gas'), 'labour' => $work / 60 * $rates->number('labour')];

        return [
            'deposit' => $deposit, 'each' => $each, 'filler' => $filler, 'wireLength' => $length, 'arcMinutes' => $arc, 'gas' => $gas, 'labourMinutes' => $work,
            'depositionRate' => $area === null || $feed === null ? null : $area * 1e-6 * $feed * 60 * $density * $efficiency,
            'legAtSettings' => $area === null || $feed === null || $speed === null ? null : sqrt(2 * $area * $feed * 1000 * $efficiency / ($speed * $convexity)), 'cost' => $cost === null ? null : [...$cost, 'total' => array_sum($cost)],
        ];
    }

    /** Of one weld, as it is laid (mm³). */
    private function volume(Values $weld, float $convexity, string $path): float
    {
        $kind = $weld->text('kind');
        foreach (['leg', 'thickness', 'gap', 'angle', 'diameter', 'depth', 'length', 'passes'] as $name) {
            if ($weld->has($name) && ! in_array($name, self::MAY[$kind] ?? [], true)) {
                throw InvalidFields::at("$path.$name", "is not of a $kind weld.");
            }
        }
        foreach (self::OF[$kind] ?? [] as $name) {
            if (! $weld->has($name)) {
                throw InvalidFields::at("$path.$name", 'missing.');
            }
        }
        if ($kind === 'plug') {
            return M_PI / 4 * $weld->number('diameter') ** 2 * $weld->number('depth');
        }
        $area = $kind === 'fillet' ? $weld->number('leg') ** 2 / 2 : ($weld->optional('gap') ?? 0.0) * $weld->number('thickness') + $weld->number('thickness') ** 2 * tan(deg2rad(($weld->optional('angle') ?? 0.0) / 2));

        return $area > 0.0 ? $area * $convexity * $weld->number('length') : throw InvalidFields::at("$path.gap", 'the groove has no width: give a gap or an angle.');
    }
}
