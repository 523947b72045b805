<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Mounts;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Chassis\Mass;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\FastenerGroup;

/**
 * The bolts that hold a mount to the web of a rail: shear by the elastic group, and the pull on the upper row where the load stands off
 * the web, turning about the lower edge of the bracket. Allowed by EN 1993-1-8, table 3.4: shear 0.6 f_ub A / 1.25 (0.5 for 10.9),
 * pull 0.9 f_ub A_s / 1.25, both together V/V + T/(1.4 T) ≤ 1. Bearing of the hole and bending of the web are not in it.
 */
final readonly class MountBolts
{
    private const GRAVITY = 9.80665;

    private const PARTIAL = 1.25;

    /** Ultimate strength (MPa) and the share of it that shear may use, by grade. */
    private const GRADES = ['4.6' => [400.0, 0.6], '8.8' => [800.0, 0.6], '10.9' => [1000.0, 0.5]];

    /** Stressed area of the thread to that of the shank. */
    private const THREAD = 0.78;

    /** Lower edge of the bracket under its lowest bolts, in diameters. */
    private const EDGE = 1.5;

    private function __construct(public float $mass, public float $worstShear, public float $worstPull, public float $used, public float $allowedShear, public float $allowedPull) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::text('mount', 'Of which mount', 'Its name on the page Frame; where no mass is given its share of all that is spread along the frame is taken, half on each side.')->optional(),
            Field::number('mass', 'It carries', 'kg')->between(0.0, 50_000.0)->positive()->optional(),
            Field::number('factor', 'Dynamic factor')->between(1.0, 10.0)->defaults(2.5)->proposing('dynamicFactor'),
            Field::length('behind', 'Load behind the middle of the bolts')->defaults(0.0),
            Field::length('outside', 'Load stands off the web by')->between(0.0, 1000.0)->defaults(60.0),
            Field::count('columns', 'Bolts along the rail')->between(1.0, 10.0)->defaults(2.0),
            Field::count('rows', 'Rows above each other')->between(1.0, 6.0)->defaults(2.0),
            Field::length('along', 'Apart along')->between(1.0, 1000.0)->defaults(80.0),
            Field::length('up', 'Apart upward')->between(1.0, 500.0)->defaults(60.0),
            Field::length('diameter', 'Bolt, diameter')->between(4.0, 36.0)->defaults(12.0),
            Field::choice('grade', 'Grade', ['4.6', '8.8', '10.9'])->defaults('8.8'),
        ];
    }

    /** @throws InvalidFields if nobody said what it carries, or one bolt is to hold a moment */
    public static function of(Chassis $chassis, Values $given): self
    {
        $mass = $given->optional('mass') ?? self::share($chassis, $given->text('mount'));
        $force = $mass * self::GRAVITY * $given->number('factor');
        [$columns, $rows] = [(int) $given->number('columns'), (int) $given->number('rows')];
        $area = M_PI / 4 * $given->number('diameter') ** 2;
        $bolts = [];
        for ($column = 0; $column < $columns; $column++) {
            for ($row = 0; $row < $rows; $row++) {
                $bolts[] = ['at' => [($column - ($columns - 1) / 2) * $given->number('along'), $row * $given->number('up')], 'area' => $area];
            }
        }
        $group = new FastenerGroup($bolts, []);
        $moment = $group->momentOf([0.0, -$force], [$given->number('behind'), 0.0], 0.0);
        if (! $group->carries($moment)) {
            throw InvalidFields::at('columns', 'one bolt does not hold a load beside it: give two at a distance, or put the load in line with it.');
        }
        $edge = self::EDGE * $given->number('diameter');
        $arms = array_map(fn (array $bolt): float => $bolt['at'][1] + $edge, $bolts);
        $squares = array_sum(array_map(fn (float $arm): float => $arm ** 2, $arms));
        [$ultimate, $share] = self::GRADES[$given->text('grade')];
        [$allowedShear, $allowedPull] = [$share * $ultimate * $area * self::THREAD / self::PARTIAL, 0.9 * $ultimate * $area * self::THREAD / self::PARTIAL];
        $worst = [0.0, 0.0, 0.0];
        foreach ($bolts as $i => $bolt) {
            $shear = hypot(...$group->stress($bolt['at'], [0.0, -$force], $moment)) * $area;
            $pull = $force * $given->number('outside') * $arms[$i] / $squares;
            $worst = [max($worst[0], $shear), max($worst[1], $pull), max($worst[2], $shear / $allowedShear + $pull / (1.4 * $allowedPull), $pull / $allowedPull)];
        }

        return new self($mass, $worst[0], $worst[1], $worst[2], $allowedShear, $allowedPull);
    }

    /** What of the masses that are spread along the frame comes on one side of a mount, by the distance to its neighbours (kg). */
    private static function share(Chassis $chassis, string $name): float
    {
        $mounts = array_values(array_filter($chassis->fixtures, fn (Fixture $one): bool => $one->kind === FixtureKind::BodyMount));
        $stations = array_values(array_unique(array_map(fn (Fixture $one): float => $one->station, $mounts)));
        sort($stations);
        foreach ($mounts as $mount) {
            if ($name === '' || ! in_array(mb_strtolower($name), [mb_strtolower($mount->id()), mb_strtolower($mount->name)], true)) {
                continue;
            }
            $i = (int) array_search($mount->station, $stations, true);
            [$from, $to] = [$i === 0 ? -INF : ($stations[$i - 1] + $mount->station) / 2, isset($stations[$i + 1]) ? ($stations[$i + 1] + $mount->station) / 2 : INF];
            $kg = array_sum(array_map(fn (Mass $mass): float => $mass->to === null ? 0.0 : $mass->mass * max(0.0, min($to, $mass->to) - max($from, $mass->station)) / ($mass->to - $mass->station), $chassis->masses)) / 2;

            return $kg > 0.0 ? $kg : throw InvalidFields::at('mass', 'missing: nothing is spread along the frame over that mount.');
        }
        throw InvalidFields::at($name === '' ? 'mass' : 'mount', $name === '' ? 'missing: what it carries, or the name of a body mount.' : "“{$name}” is not the name of a body mount on the page Frame.");
    }
}
