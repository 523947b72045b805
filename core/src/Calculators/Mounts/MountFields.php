<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Mounts;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Chassis\RailPath;
use Geodex\Core\Chassis\RailSide;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;

/**
 * What is asked about mounts on the frame as it will be, and what the calculators “body-mounts” and “bracket-fit” take for it: all that stands
 * on the rails then, and every joint, is in the way.
 */
final readonly class MountFields
{
    private const NOT_IN_THE_WAY = [FixtureKind::BodyMount, FixtureKind::CabEnd];

    /** A joint across the rail, with what is ground of it (mm). */
    private const JOINT_MM = 30.0;

    /** @return list<Field> for mounts between those that stay */
    public static function along(): array
    {
        return [
            Field::length('from', 'First mount at', 'In the frame as it will be. Left empty: the foremost body mount that is entered.')->station()->optional(),
            Field::length('to', 'Last mount at', 'Left empty: the rearmost.')->station()->optional(),
            Field::length('maxPitch', 'Mounts no farther apart than')->between(100.0, 5000.0)->defaults(950.0),
            Field::length('foot', 'Foot, along the rail')->between(0.0, 1000.0)->defaults(90.0),
            Field::length('clearance', 'Clear of what is in the way')->between(0.0, 500.0)->defaults(15.0),
            Field::length('minimumShim', 'Thinnest shim')->between(0.0, 100.0)->defaults(3.0),
        ];
    }

    /** @return list<Field> for a bolt-on body or subframe with brackets of its own */
    public static function brackets(): array
    {
        return [
            Field::listing('brackets', 'Brackets of the body', [Field::text('id', 'Name')->optional(), Field::length('station', 'Station'), Field::length('foot', 'Foot')->positive(), Field::choice('side', 'Side', RailSide::ofRails())->defaults('both')], 1, 60),
            Field::length('maxMove', 'Each may be moved by')->between(0.0, 2000.0)->defaults(60.0),
            Field::length('maxShift', 'All may be shifted together by')->between(0.0, 2000.0)->defaults(100.0),
            Field::length('clearance', 'Clear of what is in the way')->between(0.0, 500.0)->defaults(10.0),
        ];
    }

    /**
     * @param  list<float>  $joints  stations of the joints in the frame as it will be (mm)
     * @return ?array<string, mixed> what “body-mounts” takes; null where there are no two mounts to stand between
     */
    public static function forMounts(Frame $frame, Chassis $chassis, array $joints, Values $given): ?array
    {
        $stay = array_map(fn (Fixture $one): float => $one->station, array_values(array_filter($chassis->fixtures, fn (Fixture $one): bool => $one->kind === FixtureKind::BodyMount)));
        $from = $given->optional('from') ?? ($stay === [] ? null : min($stay));
        $to = $given->optional('to') ?? ($stay === [] ? null : max($stay));
        if ($from === null || $to === null || $to <= $from) {
            return null;
        }
        $fixed = array_values(array_unique([$from, ...array_filter($stay, fn (float $x): bool => $x > $from && $x < $to), $to]));
        sort($fixed);
        $path = new RailPath($frame->points);
        $knots = $path->isCharted() ? array_values(array_unique([$from, ...array_filter($path->knots(Side::Left), fn (float $x): bool => $x > $from && $x < $to), $to])) : [];
        sort($knots);

        return [
            'fixed' => $fixed, 'maxPitch' => $given->number('maxPitch'), 'foot' => $given->number('foot'), 'clearance' => $given->number('clearance'), 'minimumShim' => $given->number('minimumShim'),
            'obstacles' => self::obstacles($chassis, $joints),
            ...(count($knots) < 2 ? [] : ['railHeights' => array_map(fn (float $x): array => ['x' => $x, 'height' => $path->at(Side::Left, $x)[1]], $knots)]),
        ];
    }

    /**
     * @param  list<float>  $joints
     * @return array<string, mixed> what “bracket-fit” takes
     */
    public static function forBrackets(Chassis $chassis, array $joints, Values $given): array
    {
        $span = $chassis->span();
        $brackets = array_map(fn (Values $one): array => array_filter($one->toArray(), fn (mixed $value): bool => $value !== null && $value !== ''), $given->list('brackets'));

        return [
            'brackets' => $brackets, 'maxMove' => $given->number('maxMove'), 'maxShift' => $given->number('maxShift'), 'clearance' => $given->number('clearance'), 'obstacles' => self::obstacles($chassis, $joints),
            ...($span === null ? [] : ['railFrom' => $span[0], 'railTo' => $span[1]]),
        ];
    }

    /**
     * @param  list<float>  $joints
     * @return list<array{id: string, from: float, to: float, side: string}>
     */
    private static function obstacles(Chassis $chassis, array $joints): array
    {
        $obstacles = [];
        foreach ($chassis->fixtures as $i => $fixture) {
            if (! in_array($fixture->kind, self::NOT_IN_THE_WAY, true)) {
                $obstacles[] = ['id' => "{$fixture->id()}-$i", 'from' => $fixture->front(), 'to' => $fixture->rear(), 'side' => $fixture->side === RailSide::Centre ? 'both' : $fixture->side->value];
            }
        }
        foreach ($joints as $i => $joint) {
            $obstacles[] = ['id' => "joint-$i", 'from' => $joint - self::JOINT_MM / 2, 'to' => $joint + self::JOINT_MM / 2, 'side' => 'both'];
        }

        return array_slice($obstacles, 0, 200);
    }
}
