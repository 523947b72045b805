<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Ids;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Structure\PoseReading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;

/** Readings between the halves of a cut frame, of the kinds of a survey with one point or two. */
final readonly class SpreadReadings
{
    /** @return list<Field> */
    public static function fields(): array
    {
        $roles = array_values(array_unique(array_merge(...array_map(fn (string $kind): array => $kind::roles(), self::kinds()))));

        return [
            Field::text('id', 'Name')->optional(),
            Field::choice('kind', 'Kind', array_map(fn (string $kind): string => $kind::name(), self::kinds())),
            ...array_map(fn (string $role): Field => Field::text($role, ucfirst($role))->optional(), $roles),
            Field::length('value', 'Read', 'A slope in degrees.'),
            Field::length('sigma', 'Uncertainty (1 σ)', 'Left empty: as usual for its kind.')->positive()->optional(),
            Field::lengths('pointers', 'Pointers', 2)->optional(),
        ];
    }

    /**
     * @param  list<Values>  $entries
     * @param  array<string, Vector3>  $front
     * @param  array<string, Vector3>  $rear
     * @return list<PoseReading>
     *
     * @throws InvalidFields
     */
    public static function of(array $entries, array $front, array $rear): array
    {
        $ids = Ids::of($entries, 'r', 'readings');
        $readings = [];
        foreach ($entries as $i => $entry) {
            $class = ReadingKinds::named($entry->text('kind'));
            $points = self::points(entry: $entry, roles: $class::roles(), front: $front, rear: $rear, path: "readings[$i]");
            if ($class::isDistance() && ! $class::seesBench() && array_diff($points, array_map(strval(...), array_keys($rear))) === []) {
                throw InvalidFields::at("readings[$i]", 'both ends stand on the loose half: it says nothing of where that stands.');
            }
            $pointers = $entry->numbers('pointers');
            if ($pointers !== [] && ! $class::hasPointers()) {
                throw InvalidFields::at("readings[$i].pointers", 'a '.$class::name().' has none.');
            }
            $kind = $class::between($points, $pointers === [] ? null : [$pointers[0], $pointers[1]]);
            $why = $kind->implausible($entry->number('value'));
            if ($why !== null) {
                throw InvalidFields::at("readings[$i].value", $why);
            }
            $readings[] = new PoseReading($ids[$i], $kind, $entry->number('value'), $entry->optional('sigma') ?? $class::usualSigma());
        }

        return $readings;
    }

    /** @return list<class-string<ReadingKind>> */
    private static function kinds(): array
    {
        return array_values(array_filter(ReadingKinds::all(), fn (string $kind): bool => count($kind::roles()) <= 2));
    }

    /**
     * @param  list<string>  $roles
     * @param  array<string, Vector3>  $front
     * @param  array<string, Vector3>  $rear
     * @return list<string>
     */
    private static function points(Values $entry, array $roles, array $front, array $rear, string $path): array
    {
        foreach (array_merge(...array_map(fn (string $kind): array => $kind::roles(), self::kinds())) as $role) {
            if ($entry->has($role) !== in_array($role, $roles, true)) {
                throw InvalidFields::at("$path.$role", $entry->has($role) ? 'is not a point of this kind of reading; it has '.implode(' and ', $roles).'.' : 'missing: a point of the frame.');
            }
        }
        $points = array_map($entry->text(...), $roles);
        foreach ($points as $k => $id) {
            if (! isset($front[$id]) && ! isset($rear[$id])) {
                throw InvalidFields::at("$path.{$roles[$k]}", "“{$id}” is not a point of either half.");
            }
        }
        if (count(array_unique($points)) < count($points)) {
            throw InvalidFields::at($path, 'both ends are the same point.');
        }
        if (array_filter($points, fn (string $id): bool => isset($rear[$id])) === []) {
            throw InvalidFields::at($path, 'stands on the held half alone: it says nothing of the loose one.');
        }

        return $points;
    }
}
