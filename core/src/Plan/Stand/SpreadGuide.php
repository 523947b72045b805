<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Stand;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Plan\Shift;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\ShopDefault;

/**
 * What to read across the gap once the halves are apart, and what the calculator “spread” takes of it: two points of each side next to the
 * cut and one further back, each reading with what it is in the frame as planned.
 */
final readonly class SpreadGuide implements HasShopDefaults
{
    /** Points of the loose half at one station do not tell how it is pitched (mm). */
    private const APART_MM = 100.0;

    /**
     * @param  array<string, Vector3>  $places  of the points by half and role: front left, front right, rear left, rear right, rear far
     * @param  array<string, string>  $names  what they are called
     */
    private function __construct(public string $operation, public array $places, public array $names) {}

    public static function shopDefaults(): array
    {
        return [self::tolerance()];
    }

    /** A move of less is not made (mm). */
    public static function tolerance(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::length('spreadTolerance', 'The loose half is set when no move is more than')->between(0.1, 20.0)->defaults(1.5), 'What a tape across a gap tells; shop practice.');
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('tramLeft', 'Along the left')->positive(),
            Field::length('tramRight', 'Along the right')->positive(),
            Field::length('diagonalA', 'Front left to rear right')->positive(),
            Field::length('diagonalB', 'Front right to rear left', 'Left empty: nothing checks the others.')->positive()->optional(),
            Field::length('riseLeft', 'Rise along the left', 'From front to rear; falls negative.'),
            Field::length('riseRight', 'Rise along the right'),
            Field::length('riseFar', 'Rise to the far point'),
        ];
    }

    /** Null where the chart has no pair of points before the cut, or no pair and a third point behind it. */
    public static function across(PlannedFrame $plan, Shift $shift): ?self
    {
        $before = $behind = ['left' => [], 'right' => []];
        foreach ($plan->draft->charted->points as $point) {
            $place = $plan->target[$point->id] ?? null;
            if ($place === null || $point->reference === null || $point->side === Side::Centre) {
                continue;
            }
            if ($point->reference->x <= $shift->cut) {
                $before[$point->side->value][] = [$point->id, $place];
            } elseif ($point->reference->x >= $shift->bandEnd) {
                $behind[$point->side->value][] = [$point->id, $place];
            }
        }
        $found = [
            'front left' => self::extreme($before['left'], 1), 'front right' => self::extreme($before['right'], 1),
            'rear left' => self::extreme($behind['left'], -1), 'rear right' => self::extreme($behind['right'], -1),
            'rear far' => self::extreme([...$behind['left'], ...$behind['right']], 1),
        ];
        $places = $names = [];
        foreach ($found as $role => $one) {
            if ($one === null) {
                return null;
            }
            [$names[$role], $places[$role]] = $one;
        }

        return $places['rear far']->x - max($places['rear left']->x, $places['rear right']->x) < self::APART_MM ? null : new self($shift->operation, $places, $names);
    }

    /**
     * @param  list<array{string, Vector3}>  $all
     * @param  int  $way  1 for the rearmost, −1 for the foremost
     * @return ?array{string, Vector3}
     */
    private static function extreme(array $all, int $way): ?array
    {
        usort($all, fn (array $one, array $other): int => $way * ($other[1]->x <=> $one[1]->x));

        return $all[0] ?? null;
    }

    /** @return array<string, float> what each reading is in the frame as planned (mm), by field */
    public function planned(): array
    {
        $planned = [];
        foreach ($this->readings() as $field => [$kind, $from, $to]) {
            [$a, $b] = [$this->places[$from], $this->places[$to]];
            $planned[$field] = $kind === 'tram' ? $b->minus($a)->norm() : $b->z - $a->z;
        }

        return $planned;
    }

    /** @return array<string, string> between which points, by field */
    public function between(): array
    {
        return array_map(fn (array $one): string => "{$this->names[$one[1]]} – {$this->names[$one[2]]}", $this->readings());
    }

    /** @return array<string, mixed> as the calculator “spread” takes it */
    public function document(Values $given): array
    {
        $readings = [];
        foreach ($this->readings() as $field => [$kind, $from, $to]) {
            if ($given->has($field)) {
                $readings[] = ['id' => $field, 'kind' => $kind, 'from' => $this->names[$from], 'to' => $this->names[$to], 'value' => $given->number($field)];
            }
        }
        $halves = ['front' => [], 'rear' => []];
        foreach ($this->places as $role => $at) {
            $halves[str_starts_with($role, 'front') ? 'front' : 'rear'][] = ['id' => $this->names[$role], 'at' => $at->toArray()];
        }

        return [...$halves, 'readings' => $readings];
    }

    /** @return array<string, array{string, string, string}> kind and both points, by field */
    private function readings(): array
    {
        return [
            'tramLeft' => ['tram', 'front left', 'rear left'],
            'tramRight' => ['tram', 'front right', 'rear right'],
            'diagonalA' => ['tram', 'front left', 'rear right'],
            'diagonalB' => ['tram', 'front right', 'rear left'],
            'riseLeft' => ['rise', 'front left', 'rear left'],
            'riseRight' => ['rise', 'front right', 'rear right'],
            'riseFar' => ['rise', 'front left', 'rear far'],
        ];
    }
}
