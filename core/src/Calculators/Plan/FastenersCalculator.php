<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Calculators\Worst;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\FastenerGroup;

/** Bolts, plugs or weld lines loaded off their centre. */
final readonly class FastenersCalculator implements Calculator
{
    public static function name(): string
    {
        return 'fasteners';
    }

    public static function title(): string
    {
        return 'Bolts, plugs or welds off centre';
    }

    public static function purpose(): string
    {
        return 'What each bolt, plug or weld carries when the load misses their centre. Stiff plate, in its plane: no friction, no prying, no bearing of the hole; bolts are not counted together with welds.';
    }

    public static function source(): string
    {
        return 'Elastic (vector) method: AISC Manual parts 7 and 8; Shigley\'s Mechanical Engineering Design. Bolts with welds: AISC 360 J1.8.';
    }

    public static function fields(): array
    {
        return [
            Field::listing('fasteners', 'Bolts or plugs', [
                Field::text('id', 'Name')->optional(), Field::choice('kind', 'Kind', ['bolt', 'plug'])->defaults('bolt'), Field::lengths('at', 'Place', 2), Field::length('diameter', 'Diameter')->positive(),
            ], 0)->optional(),
            Field::listing('welds', 'Weld lines', [
                Field::text('id', 'Name')->optional(), Field::lengths('from', 'From', 2), Field::lengths('to', 'To', 2), Field::length('throat', 'Throat')->positive(),
            ], 0)->optional(),
            Field::numbers('force', 'Force on the plate', 'N', 2),
            Field::lengths('at', 'Where it acts', 2),
            Field::number('moment', 'Moment besides', 'N·m', 'From the first axis to the second: plus.')->defaults(0.0),
            Field::number('allowable', 'Allowable of bolts or plugs', 'MPa')->positive()->optional(),
            Field::number('weldAllowable', 'Allowable of welds', 'MPa')->positive()->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::truth('holds', 'Strong enough'),
            Result::group('worst', 'Worst', [Result::named('id', 'at'), Result::number('stress', 'stress', 'MPa'), Result::number('utilisation', 'used')]),
            Result::number('moment', 'Moment about the centre', 'N·m'),
            Result::table('fasteners', 'Bolts or plugs', [Result::named('id', 'name'), Result::number('magnitude', 'force', 'N'), Result::number('stress', 'stress', 'MPa'), Result::number('utilisation', 'used')]),
            Result::table('welds', 'Weld lines', [
                Result::named('id', 'name'), Result::length('length', 'length'), Result::number('worstPerMillimetre', 'worst', 'N/mm'), Result::number('stress', 'stress', 'MPa'), Result::number('utilisation', 'used'),
            ]),
            Result::number('area', 'Area', 'mm²'),
            Result::number('polarInertia', 'Polar inertia', 'mm⁴'),
        ];
    }

    public function calculate(Values $given): array
    {
        [$fasteners, $welds] = [$given->list('fasteners'), $given->list('welds')];
        $ids = [Ids::of($fasteners, 'f', 'fasteners'), Ids::of($welds, 'w', 'welds')];
        $this->mustGoTogether($given, $ids);
        $points = array_map(fn (Values $one): array => ['at' => $this->place($one, 'at'), 'area' => M_PI / 4 * $one->number('diameter') ** 2], $fasteners);
        $lines = array_map(fn (Values $one): array => ['from' => $this->place($one, 'from'), 'to' => $this->place($one, 'to'), 'throat' => $one->number('throat')], $welds);
        foreach ($lines as $i => $line) {
            if (FastenerGroup::length($line) <= 0.0) {
                throw InvalidFields::at("welds[$i].to", 'a weld has a length.');
            }
        }
        $group = new FastenerGroup($points, $lines);
        $force = $this->place($given, 'force');
        $moment = $group->momentOf($force, $this->place($given, 'at'), $given->number('moment') * 1000);
        if (! $group->carries($moment)) {
            throw InvalidFields::at('fasteners', 'one fastener does not hold a moment: give two at a distance, or let the force go through it.');
        }
        $single = array_map(fn (array $one, string $id): array => $this->fastener(group: $group, one: $one, id: $id, force: $force, moment: $moment, allowable: $given->optional('allowable') ?? 1.0), $points, $ids[0]);
        $seams = array_map(fn (array $one, string $id): array => $this->weld(group: $group, line: $one, id: $id, force: $force, moment: $moment, allowable: $given->optional('weldAllowable') ?? 1.0), $lines, $ids[1]);
        $worst = $this->worst($single, $seams, $given->optional('weldAllowable') ?? 1.0);

        return [
            'centroid' => $group->centroid,
            'area' => $group->area,
            'polarInertia' => $group->polarInertia,
            'moment' => $moment / 1000,
            'fasteners' => $single,
            'welds' => $seams,
            'worst' => $worst,
            'holds' => $worst['utilisation'] <= 1.0,
        ];
    }

    /** @param  array{list<string>, list<string>}  $ids */
    private function mustGoTogether(Values $given, array $ids): void
    {
        [$fasteners, $welds] = [$given->list('fasteners'), $given->list('welds')];
        if ($fasteners === [] && $welds === []) {
            throw InvalidFields::at('fasteners', 'give at least one bolt, plug or weld.');
        }
        $kinds = array_map(fn (Values $one): string => $one->text('kind'), $fasteners);
        foreach ($kinds as $i => $kind) {
            if ($kind !== $kinds[0]) {
                throw InvalidFields::at("fasteners[$i].kind", 'bolts do not share a load with plugs: they slip first.');
            }
        }
        if ($welds !== [] && in_array('bolt', $kinds, true)) {
            throw InvalidFields::at('welds', 'bolts do not share a load with welds: they slip first.');
        }
        foreach (array_intersect($ids[1], $ids[0]) as $i => $id) {
            throw InvalidFields::at("welds[$i].id", "“{$id}” is a fastener already.");
        }
        foreach (['allowable' => $fasteners, 'weldAllowable' => $welds] as $key => $of) {
            if ($of !== [] && ! $given->has($key)) {
                throw InvalidFields::at($key, 'missing: what they may carry, in MPa.');
            }
        }
    }

    /** @return array{float, float} */
    private function place(Values $of, string $key): array
    {
        [$first, $second] = $of->numbers($key);

        return [$first, $second];
    }

    /**
     * @param  array{at: array{float, float}, area: float}  $one
     * @param  array{float, float}  $force
     * @return array{id: string, force: array{float, float}, magnitude: float, stress: float, utilisation: float}
     */
    private function fastener(FastenerGroup $group, array $one, string $id, array $force, float $moment, float $allowable): array
    {
        $stress = $group->stress($one['at'], $force, $moment);

        return [
            'id' => $id, 'force' => [$stress[0] * $one['area'], $stress[1] * $one['area']], 'magnitude' => hypot(...$stress) * $one['area'],
            'stress' => hypot(...$stress), 'utilisation' => hypot(...$stress) / $allowable,
        ];
    }

    /**
     * @param  array{from: array{float, float}, to: array{float, float}, throat: float}  $line
     * @param  array{float, float}  $force
     * @return array{id: string, length: float, force: array{float, float}, fromStress: float, toStress: float, worstPerMillimetre: float, stress: float, utilisation: float}
     */
    private function weld(FastenerGroup $group, array $line, string $id, array $force, float $moment, float $allowable): array
    {
        [$from, $to] = [$group->stress($line['from'], $force, $moment), $group->stress($line['to'], $force, $moment)];
        $worst = max(hypot(...$from), hypot(...$to));
        $half = FastenerGroup::length($line) * $line['throat'] / 2;

        return [
            'id' => $id, 'length' => FastenerGroup::length($line), 'force' => [($from[0] + $to[0]) * $half, ($from[1] + $to[1]) * $half],
            'fromStress' => hypot(...$from), 'toStress' => hypot(...$to), 'worstPerMillimetre' => $worst * $line['throat'], 'stress' => $worst, 'utilisation' => $worst / $allowable,
        ];
    }

    /**
     * @param  list<array{id: string, stress: float, utilisation: float, ...}>  $single
     * @param  list<array{id: string, fromStress: float, toStress: float, ...}>  $seams
     * @return array{id: string, place: string, stress: float, utilisation: float}
     */
    private function worst(array $single, array $seams, float $allowable): array
    {
        $places = array_map(fn (array $one): array => ['id' => $one['id'], 'place' => 'fastener', 'stress' => $one['stress'], 'utilisation' => $one['utilisation']], $single);
        foreach ($seams as $seam) {
            foreach (['from', 'to'] as $end) {
                $places[] = ['id' => $seam['id'], 'place' => $end, 'stress' => $seam["{$end}Stress"], 'utilisation' => $seam["{$end}Stress"] / $allowable];
            }
        }

        return Worst::of($places ?: throw new \LogicException('A group has a member.'));
    }
}
