<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/**
 * Bolts, plugs and weld lines in one plane that carry a load together, by the elastic (vector) method: AISC Manual parts 7 and 8;
 * Shigley's Mechanical Engineering Design. Stiff plate, equal stiffness per area, no friction. mm, N, N·mm, MPa.
 */
final readonly class FastenerGroup
{
    /** A group whose radii are smaller than this, as a share of how far its members are from the origin, has no polar inertia. */
    private const NOTHING = 1e-9;

    private const CARRIED_BY_ONE = 1e-6;

    public float $area;

    /** @var array{float, float} */
    public array $centroid;

    public float $polarInertia;

    /**
     * @param  list<array{at: array{float, float}, area: float}>  $points
     * @param  list<array{from: array{float, float}, to: array{float, float}, throat: float}>  $lines
     */
    public function __construct(private array $points, private array $lines)
    {
        $members = [
            ...array_map(fn (array $one): array => [...$one['at'], $one['area'], 0.0], $points),
            ...array_map(fn (array $one): array => [
                ($one['from'][0] + $one['to'][0]) / 2, ($one['from'][1] + $one['to'][1]) / 2, self::length($one) * $one['throat'], $one['throat'] * self::length($one) ** 3 / 12,
            ], $lines),
        ];
        $this->area = array_sum(array_column($members, 2));
        $this->centroid = [
            array_sum(array_map(fn (array $one): float => $one[0] * $one[2], $members)) / $this->area,
            array_sum(array_map(fn (array $one): float => $one[1] * $one[2], $members)) / $this->area,
        ];
        $polar = array_sum(array_map(fn (array $one): float => $one[2] * (($one[0] - $this->centroid[0]) ** 2 + ($one[1] - $this->centroid[1]) ** 2) + $one[3], $members));
        $reach = max(1.0, ...array_map(fn (array $one): float => hypot($one[0], $one[1]), $members));
        $this->polarInertia = $polar <= $this->area * ($reach * self::NOTHING) ** 2 ? 0.0 : $polar;
    }

    /** @param  array{from: array{float, float}, to: array{float, float}, throat: float}  $line */
    public static function length(array $line): float
    {
        return hypot($line['to'][0] - $line['from'][0], $line['to'][1] - $line['from'][1]);
    }

    /**
     * Moment about the centroid.
     *
     * @param  array{float, float}  $force
     * @param  array{float, float}  $at
     */
    public function momentOf(array $force, array $at, float $moment): float
    {
        return ($at[0] - $this->centroid[0]) * $force[1] - ($at[1] - $this->centroid[1]) * $force[0] + $moment;
    }

    /** Whether it can carry a moment about its centroid. */
    public function carries(float $moment): bool
    {
        return $this->polarInertia > 0.0 || abs($moment) <= self::CARRIED_BY_ONE;
    }

    /**
     * @param  array{float, float}  $at
     * @param  array{float, float}  $force
     * @param  float  $moment  about the centroid
     * @return array{float, float}
     */
    public function stress(array $at, array $force, float $moment): array
    {
        $turn = $this->polarInertia > 0.0 ? $moment / $this->polarInertia : 0.0;

        return [$force[0] / $this->area - $turn * ($at[1] - $this->centroid[1]), $force[1] / $this->area + $turn * ($at[0] - $this->centroid[0])];
    }

    /**
     * The greatest anywhere: along a line it is at an end.
     *
     * @param  array{float, float}  $force
     */
    public function worst(array $force, float $moment): float
    {
        $places = [...array_column($this->points, 'at'), ...array_column($this->lines, 'from'), ...array_column($this->lines, 'to')];

        return max(0.0, ...array_map(fn (array $at): float => hypot(...$this->stress($at, $force, $moment)), $places));
    }
}
