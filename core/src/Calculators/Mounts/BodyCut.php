<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Mounts;

use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Plan\PlannedFrame;

/**
 * A body that is lengthened or shortened with its frame, at a place of its own: which of its mounts meet the frame's again, and between
 * which two it can be cut so that all do.
 */
final readonly class BodyCut
{
    /** What a slotted hole takes (mm). */
    private const MEETS_MM = 2.0;

    /**
     * @param  list<array{mount: string, station: float, off: float, meets: bool}>  $mounts  by how much the body's stands behind the frame's (mm)
     * @param  ?array{float, float}  $between  stations of before that the body can be cut between with every mount in place
     */
    private function __construct(public float $by, public array $mounts, public ?array $between) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('at', 'Body cut at station', 'In the frame as it is.')->station(),
            Field::length('by', 'Longer by', 'Shorter negative. Left empty: as the frame.')->optional(),
        ];
    }

    /** @throws InvalidFields if there is no body mount, or nothing changes */
    public static function of(PlannedFrame $plan, Values $given): self
    {
        $mounts = array_values(array_filter($plan->draft->before->fixtures, fn (Fixture $one): bool => $one->kind === FixtureKind::BodyMount));
        if ($mounts === []) {
            throw InvalidFields::at('at', 'no body mount is entered on the page Frame.');
        }
        $by = $given->optional('by') ?? array_sum(array_map(fn ($shift): float => $shift->by->x, $plan->shifts->all));
        if (abs($by) < 1e-9) {
            throw InvalidFields::at('by', 'missing: the plan changes no length, so say by how much the body does.');
        }
        usort($mounts, fn (Fixture $a, Fixture $b): int => $a->station <=> $b->station);
        $frame = fn (Fixture $mount): float => $plan->shifts->station($mount->station);
        $told = array_map(function (Fixture $mount) use ($given, $by, $frame): array {
            $off = $mount->station + ($mount->station > $given->number('at') ? $by : 0.0) - $frame($mount);

            return ['mount' => $mount->called(), 'station' => $mount->station, 'off' => $off, 'meets' => abs($off) <= self::MEETS_MM];
        }, $mounts);

        return new self($by, $told, self::between($mounts, $by, $frame));
    }

    /**
     * @param  non-empty-list<Fixture>  $mounts  from the front
     * @param  \Closure(Fixture): float  $frame  where each stands on the frame as planned
     * @return ?array{float, float}
     */
    private static function between(array $mounts, float $by, \Closure $frame): ?array
    {
        for ($i = 0; $i <= count($mounts); $i++) {
            $stay = array_filter(array_slice($mounts, 0, $i), fn (Fixture $one): bool => abs($frame($one) - $one->station) > self::MEETS_MM);
            $move = array_filter(array_slice($mounts, $i), fn (Fixture $one): bool => abs($frame($one) - $one->station - $by) > self::MEETS_MM);
            if ($stay === [] && $move === []) {
                return [isset($mounts[$i - 1]) ? $mounts[$i - 1]->station : -INF, isset($mounts[$i]) ? $mounts[$i]->station : INF];
            }
        }

        return null;
    }
}
