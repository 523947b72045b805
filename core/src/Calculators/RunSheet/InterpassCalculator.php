<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** How warm a rail is between runs, and when a place may be welded again. */
final readonly class InterpassCalculator implements Calculator
{
    private const FOUR_HOURS = 14_400.0;

    private const STEP = 10.0;

    private const SPREAD = 0.40;

    private const SPREAD_READ = 0.15;

    public static function name(): string
    {
        return 'interpass';
    }

    public static function title(): string
    {
        return 'Temperature between passes';
    }

    public static function purpose(): string
    {
        return 'How warm places of a rail are after the runs so far, which is the coolest, and when each may be welded again. A reading corrects it. Never cool high-strength steel by force; the steel maker’s limits come first.';
    }

    public static function source(): string
    {
        return 'Point sources in a strip by images (Carslaw and Jaeger). 20 W/m²K from each face; 40 % either way, 15 % after a reading: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::length('thickness', 'Thickness')->positive(), Field::length('width', 'Developed width of the rail')->positive(), Field::number('ambient', 'Around it', '°C')->between(-50.0, 100.0)->defaults(20.0), Field::number('filmCoefficient', 'Loss of a face', 'W/m²K')->positive()->defaults(20.0), Field::count('faces', 'Free faces')->between(1.0, 2.0)->defaults(2),
            Field::group('material', 'Material', [Field::number('density', 'density', 'kg/m³')->positive()->defaults(7850.0), Field::number('specificHeat', 'specific heat', 'J/kgK')->positive()->defaults(490.0), Field::number('conductivity', 'conductivity', 'W/mK')->positive()->defaults(45.0)])->optional(),
            Field::listing('runs', 'Runs so far', [Field::number('time', 'ended at', 's')->between(0.0, null), Field::number('heat', 'net heat', 'kJ')->positive(), Field::lengths('from', 'from: along, across', 2), Field::lengths('to', 'to', 2)], 1, 300), Field::number('now', 'Now', 's')->between(0.0, null), Field::number('limit', 'May be welded below', '°C')->between(-50.0, 400.0),
            Field::listing('places', 'Places', [Field::text('id', 'Name')->optional(), Field::lengths('at', 'at: along, across', 2)], 1, 40), Field::group('reading', 'A reading', [Field::lengths('at', 'at', 2), Field::number('time', 'when', 's')->between(0.0, null), Field::number('temperature', 'reads', '°C')])->optional(), Field::number('spread', 'Either way')->between(0.0, 1.0)->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::named('coolest', 'Coolest'), Result::number('factor', 'By the reading'), Result::number('timeConstant', 'Cools all through in', 's'),
            Result::table('places', 'Places', [Result::named('id', 'place'), Result::number('temperature', 'is at', '°C'), Result::number('low', 'at least', '°C'), Result::number('high', 'at most', '°C'), Result::number('goOn', 'go on at', 's'), Result::number('wait', 'wait', 's')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$ambient, $limit, $now, $width] = [$given->number('ambient'), $given->number('limit'), $given->number('now'), $given->number('width')];
        if ($limit <= $ambient) {
            throw InvalidFields::at('limit', 'over the temperature around it.');
        }
        $this->mustLieOn($given, $width, $now);
        $strip = $this->strip($given, $width);
        $reading = $given->group('reading');
        $factor = $reading === null ? 1.0 : $this->factor($strip, $reading, $ambient, $now);
        $spread = $given->optional('spread') ?? ($reading === null ? self::SPREAD : self::SPREAD_READ);
        $places = $given->list('places');
        $told = [];
        foreach (Ids::of($places, 'place ', 'places') as $i => $id) {
            [$x, $y] = $places[$i]->numbers('at');
            $rise = $factor * $strip->rise($x, $y, $now);
            $goOn = $this->goOn(fn (float $earlier, float $later): bool => $ambient + $factor * $strip->atMost($x, $y, $earlier, $later) > $limit, $now);
            $told[] = ['id' => $id, 'temperature' => $ambient + $rise, 'low' => $ambient + $rise * (1 - $spread), 'high' => $ambient + $rise * (1 + $spread), 'goOn' => $goOn, 'wait' => $goOn === null ? null : $goOn - $now];
        }
        $coolest = null;
        foreach ($told as $one) {
            $coolest = $coolest === null || round($one['temperature'], 6) < round($coolest['temperature'], 6) ? $one : $coolest;
        }

        return ['factor' => $factor, 'timeConstant' => $strip->timeConstant, 'places' => $told, 'coolest' => $coolest['id'] ?? null];
    }

    private function strip(Values $given, float $width): HotStrip
    {
        $material = $given->group('material');
        [$density, $heat, $conductivity] = [$material?->number('density') ?? 7850.0, $material?->number('specificHeat') ?? 490.0, $material?->number('conductivity') ?? 45.0];
        $capacity = $density * $heat * $given->number('thickness') / 1000;

        return new HotStrip($capacity, $conductivity / ($density * $heat), $capacity / ($given->number('faces') * $given->number('filmCoefficient')), $width / 1000, array_map(fn (Values $run): array => ['time' => $run->number('time'), 'heat' => 1000 * $run->number('heat'), 'from' => self::metres($run, 'from'), 'to' => self::metres($run, 'to')], $given->list('runs')));
    }

    /** @return array{float, float} */
    private static function metres(Values $run, string $end): array
    {
        [$along, $across] = $run->numbers($end);

        return [$along / 1000, $across / 1000];
    }

    private function mustLieOn(Values $given, float $width, float $now): void
    {
        foreach (['runs' => ['from', 'to'], 'places' => ['at']] as $list => $ends) {
            foreach ($given->list($list) as $i => $entry) {
                foreach ($ends as $end) {
                    $across = $entry->numbers($end)[1];
                    if ($across < -1e-9 || $across > $width + 1e-9) {
                        throw InvalidFields::at("{$list}[$i].$end", sprintf('across, from 0 to the %g mm of the strip.', $width));
                    }
                }
                if ($list === 'runs' && $entry->number('time') > $now) {
                    throw InvalidFields::at("runs[$i].time", 'no later than now.');
                }
            }
        }
    }

    private function factor(HotStrip $strip, Values $reading, float $ambient, float $now): float
    {
        if ($reading->number('time') > $now) {
            throw InvalidFields::at('reading.time', 'no later than now.');
        }
        [$x, $y] = $reading->numbers('at');
        $rise = $strip->rise($x, $y, $reading->number('time'));
        if ($rise < 5.0) {
            throw InvalidFields::at('reading', sprintf('was taken where only %.1f K are expected; at least 5 tell anything.', $rise));
        }
        $factor = ($reading->number('temperature') - $ambient) / $rise;

        return $factor >= 0.3 && $factor <= 3.0 ? $factor : throw InvalidFields::at('reading.temperature', sprintf('is %.2f times what is expected: more than three times off is a mistake.', $factor));
    }

    /**
     * The last moment at which it is too hot.
     *
     * @param  \Closure(float, float): bool  $mayBeHot  between two times; for certain where they are the same
     */
    private function goOn(\Closure $mayBeHot, float $now): ?float
    {
        $steps = (int) (self::FOUR_HOURS / self::STEP);
        $last = $this->lastHot($mayBeHot, $now, $steps);
        if ($last === null || $last === $steps) {
            return $last === null ? $now : null;
        }
        [$hot, $cool] = [$now + $last * self::STEP, $now + ($last + 1) * self::STEP];
        for ($i = 0; $i < 50; $i++) {
            $middle = ($hot + $cool) / 2;
            $mayBeHot($middle, $middle) ? $hot = $middle : $cool = $middle;
        }

        return $cool;
    }

    /**
     * The last step at which it is too hot; spans in which it cannot be are passed over whole.
     *
     * @param  \Closure(float, float): bool  $mayBeHot
     */
    private function lastHot(\Closure $mayBeHot, float $now, int $steps): ?int
    {
        for ($spans = [[0, $steps]]; $spans !== [];) {
            [$first, $last] = array_pop($spans);
            if (! $mayBeHot($now + $first * self::STEP, $now + $last * self::STEP)) {
                continue;
            }
            if ($first === $last) {
                return $last;
            }
            $middle = intdiv($first + $last, 2);
            array_push($spans, [$first, $middle], [$middle + 1, $last]);
        }

        return null;
    }
}
