<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\ClearPlaces;
use Geodex\Core\Structure\FeetFitter;
use Geodex\Core\Structure\Foot;

/** Brackets of a body or a tank carried to a frame with other holes and welds in the way. */
final readonly class BracketFitCalculator implements Calculator
{
    /** Feet that lie over each other by less only touch (mm). */
    private const TOUCHING = 1e-9;

    /** More are asked for by nobody, and would take long. */
    private const MAX_ENTRIES = 60;

    public static function name(): string
    {
        return 'bracket-fit';
    }

    public static function title(): string
    {
        return 'Brackets past obstacles';
    }

    public static function purpose(): string
    {
        return 'How far the whole set of brackets is shifted and each one moved so that their feet clear holes, welds and plates. Along one line; feet that then lie over each other are told, not avoided.';
    }

    public static function source(): string
    {
        return 'Geometry: a piecewise linear programme, solved exactly at its corners.';
    }

    public static function fields(): array
    {
        return [
            Field::listing(name: 'brackets', label: 'Brackets', fields: [
                Field::text('id', 'Name')->optional(),
                Field::length('station', 'Station'),
                Field::length('foot', 'Length of the foot')->positive(),
                Field::number('weight', 'How much its move counts')->positive()->defaults(1.0),
                Field::length('maxMove', 'Moves at most', 'Left empty: as all.')->between(0.0, null)->optional(),
                Obstacles::side(),
            ], minCount: 1, maxCount: self::MAX_ENTRIES),
            Obstacles::field(),
            Field::length('maxMove', 'Each moves at most')->between(0.0, null),
            Field::length('clearance', 'Clear of what is in the way')->between(0.0, null)->defaults(0.0),
            Field::length('maxShift', 'All shift at most')->between(0.0, null)->defaults(0.0),
            Field::length('railFrom', 'Rail begins')->optional(),
            Field::length('railTo', 'Rail ends')->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('shift', 'Shift of all'),
            Result::number('cost', 'Moves together, weighted', 'mm'),
            Result::number('costWithoutShift', 'without a shift', 'mm'),
            Result::number('unplacedWithoutShift', 'without a place, without a shift'),
            Result::table('brackets', 'Brackets', [
                Result::named('id', 'bracket'), Result::truth('placed', 'has a place'), Result::length('move', 'move'), Result::length('station', 'station'), Result::length('total', 'from where it was'), Result::length('needed', 'would need'),
            ]),
        ];
    }

    public function calculate(Values $given): array
    {
        $feet = $this->feet($given);
        $fitter = new FeetFitter;
        $shift = $fitter->fit($feet, $given->number('maxShift'));
        [$unplacedThere, $costThere] = $fitter->cost($feet, 0.0);
        $brackets = array_map(fn (Foot $foot): array => $this->bracket($foot, $shift, $fitter->move($foot, $shift)), $feet);

        return [
            'shift' => $shift,
            'cost' => $fitter->cost($feet, $shift)[1],
            'costWithoutShift' => $costThere,
            'unplacedWithoutShift' => $unplacedThere,
            'brackets' => $brackets,
            'unplaced' => array_values(array_map(fn (array $one): string => $one['id'], array_filter($brackets, fn (array $one): bool => ! $one['placed']))),
            'overlaps' => $this->overlaps($feet, array_column($brackets, 'station')),
        ];
    }

    /** @return list<Foot> */
    private function feet(Values $given): array
    {
        $obstacles = Obstacles::of($given);
        [$from, $to] = [$given->optional('railFrom'), $given->optional('railTo')];
        if ($from !== null && $to !== null && $from >= $to) {
            throw InvalidFields::at('railTo', 'has to lie behind railFrom.');
        }
        $entries = $given->list('brackets');
        $ids = Ids::of($entries, 'b', 'brackets');

        return array_map(fn (Values $one, string $id): Foot => new Foot(
            id: $id, station: $one->number('station'), width: $one->number('foot'), weight: $one->number('weight'),
            maxMove: $one->optional('maxMove') ?? $given->number('maxMove'), side: $one->text('side'),
            clear: ClearPlaces::of(obstacles: $obstacles->on($one->text('side')), foot: $one->number('foot'), clearance: $given->number('clearance'), railFrom: $from, railTo: $to),
        ), $entries, $ids);
    }

    /** @return array{id: string, placed: bool, move: ?float, station: ?float, total: ?float, needed: ?float} */
    private function bracket(Foot $foot, float $shift, ?float $move): array
    {
        if ($move === null) {
            $needed = $foot->clear->move($foot->station + $shift);

            return ['id' => $foot->id, 'placed' => false, 'move' => null, 'station' => null, 'total' => null, 'needed' => $needed === null ? null : abs($needed)];
        }

        return ['id' => $foot->id, 'placed' => true, 'move' => $move, 'station' => $foot->station + $shift + $move, 'total' => $shift + $move, 'needed' => null];
    }

    /**
     * @param  list<Foot>  $feet
     * @param  list<?float>  $stations  where they stand now
     * @return list<array{string, string}>
     */
    private function overlaps(array $feet, array $stations): array
    {
        $pairs = [];
        foreach ($feet as $i => $one) {
            for ($k = $i + 1; $k < count($feet); $k++) {
                [$here, $there, $other] = [$stations[$i], $stations[$k], $feet[$k]];
                if ($here !== null && $there !== null && Obstacles::meet($one->side, $other->side) && abs($here - $there) < ($one->width + $other->width) / 2 - self::TOUCHING) {
                    $pairs[] = [$one->id, $other->id];
                }
            }
        }

        return $pairs;
    }
}
