<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Tubes;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** Braces and hoops between surveyed points: how long, how symmetrical, how far from a plane that has to stay free. */
final readonly class BracesCalculator implements Calculator
{
    public static function name(): string
    {
        return 'braces';
    }

    public static function title(): string
    {
        return 'Braces between points';
    }

    public static function purpose(): string
    {
        return 'How long tubes between measured points are, whether left and right are alike, and how far each stays from a plane such as a line over helmets. Whether a cage or a hoop protects anybody is decided by a rule book and by who inspects it, never here.';
    }

    public static function source(): string
    {
        return 'Vector algebra. Rearward, right, up; a mate is mirrored about the middle of the frame. 3 mm alike: shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::length('diameter', 'Tube')->positive(),
            Field::listing('braces', 'Braces', [
                Field::text('id', 'Name'), Field::lengths('from', 'from', 3), Field::lengths('to', 'to', 3), Field::text('mate', 'mate of')->optional(), Field::length('offFrom', 'shorter at its start by')->defaults(0.0), Field::length('offTo', 'at its end by')->defaults(0.0),
            ], 1, 60),
            Field::length('alike', 'Left and right within')->positive()->defaults(3.0),
            Field::group('plane', 'A plane to stay clear of', [Field::lengths('through', 'through', 3), Field::numbers('normal', 'up is', '', 3, 'Where the tubes are; left empty: straight up.')->optional(), Field::length('clearance', 'at least')->between(0.0, null)->defaults(50.0)])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::truth('symmetrical', 'Left and right are alike'), Result::truth('clear', 'Clear of the plane'), Result::length('total', 'All together'),
            Result::table('braces', 'Braces', [Result::named('id', 'brace'), Result::length('centre', 'between its points'), Result::length('length', 'to saw'), Result::number('rise', 'rises', '°'), Result::length('clearance', 'from the plane')]),
            Result::table('pairs', 'Left against right', [Result::named('of', 'brace'), Result::named('mate', 'mate'), Result::length('longer', 'longer by'), Result::length('startOff', 'start off by'), Result::length('endOff', 'end off by'), Result::truth('alike', 'alike')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $braces = [];
        foreach ($given->list('braces') as $i => $one) {
            $id = $one->text('id');
            if (isset($braces[$id])) {
                throw InvalidFields::at("braces[$i].id", "“{$id}” is used twice.");
            }
            [$from, $to] = [$one->place('from') ?? Vector3::of(0.0, 0.0, 0.0), $one->place('to') ?? Vector3::of(0.0, 0.0, 0.0)];
            $centre = $to->minus($from)->norm();
            $length = $centre - $one->number('offFrom') - $one->number('offTo');
            if ($centre < 1.0 || $length <= 0.0) {
                throw InvalidFields::at("braces[$i].to", 'nothing is left of the brace between its points.');
            }
            $braces[$id] = ['from' => $from, 'to' => $to, 'centre' => $centre, 'length' => $length, 'mate' => $one->text('mate'), 'path' => "braces[$i].mate"];
        }
        $clear = $this->clearance($given, $braces);
        $pairs = $this->pairs($braces, $given->number('alike'));
        $least = $given->group('plane')?->number('clearance');

        return [
            'braces' => array_map(fn (string|int $id, array $one): array => ['id' => (string) $id, 'centre' => $one['centre'], 'length' => $one['length'], 'rise' => rad2deg(asin(($one['to']->z - $one['from']->z) / $one['centre'])), 'clearance' => $clear[$id] ?? null], array_keys($braces), $braces),
            'pairs' => $pairs, 'total' => array_sum(array_column($braces, 'length')), 'symmetrical' => $pairs === [] ? null : ! in_array(false, array_column($pairs, 'alike'), true), 'clear' => $least === null ? null : min([INF, ...$clear]) >= $least - 1e-9,
        ];
    }

    /**
     * Of the tube's surface: a straight one is nearest to a plane at an end.
     *
     * @param  array<array-key, array{from: Vector3, to: Vector3, centre: float, length: float, mate: string, path: string}>  $braces
     * @return array<array-key, float>
     */
    private function clearance(Values $given, array $braces): array
    {
        $plane = $given->group('plane');
        if ($plane === null) {
            return [];
        }
        $normal = $plane->has('normal') ? $plane->numbers('normal') : [0.0, 0.0, 1.0];
        $up = Vector3::of($normal[0], $normal[1], $normal[2]);
        if ($up->norm() < 1e-9) {
            throw InvalidFields::at('plane.normal', 'has no direction.');
        }
        [$up, $through] = [$up->unit(), $plane->place('through') ?? Vector3::of(0.0, 0.0, 0.0)];
        $clear = [];
        foreach ($braces as $id => $one) {
            // A tube that leans shows less than its radius towards the plane.
            $radius = $given->number('diameter') / 2 * sqrt(max(0.0, 1 - $one['to']->minus($one['from'])->unit()->dot($up) ** 2));
            $clear[$id] = min($one['from']->minus($through)->dot($up), $one['to']->minus($through)->dot($up)) - $radius;
        }

        return $clear;
    }

    /**
     * @param  array<array-key, array{from: Vector3, to: Vector3, centre: float, length: float, mate: string, path: string}>  $braces
     * @return list<array{of: string, mate: string, longer: float, startOff: float, endOff: float, alike: bool}>
     */
    private function pairs(array $braces, float $alike): array
    {
        $pairs = [];
        foreach ($braces as $id => $one) {
            if ($one['mate'] === '') {
                continue;
            }
            $mate = $braces[$one['mate']] ?? throw InvalidFields::at($one['path'], "no brace is called “{$one['mate']}”.");
            $mirrored = fn (Vector3 $at): Vector3 => Vector3::of($at->x, -$at->y, $at->z);
            [$start, $end] = [$one['from']->minus($mirrored($mate['from']))->norm(), $one['to']->minus($mirrored($mate['to']))->norm()];
            $pairs[] = ['of' => (string) $id, 'mate' => $one['mate'], 'longer' => $one['centre'] - $mate['centre'], 'startOff' => $start, 'endOff' => $end, 'alike' => max($start, $end, abs($one['centre'] - $mate['centre'])) <= $alike + 1e-9];
        }

        return $pairs;
    }
}
