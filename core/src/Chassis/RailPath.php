<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;

/**
 * Where the rails run: offset and height along the station, straight between the charted points of a side and level beyond them. The two
 * sides stand in for each other where only one is charted.
 */
final readonly class RailPath
{
    /** Half of a usual frame's width, where nothing says more (mm). */
    private const HALF_WIDTH_MM = 400.0;

    /** @var array{left: list<array{float, float, float}>, right: list<array{float, float, float}>} station, offset and height by side */
    private array $corners;

    /** @param  list<Point>  $points */
    public function __construct(array $points)
    {
        $corners = ['left' => [], 'right' => []];
        foreach ($points as $point) {
            if ($point->reference !== null && $point->side !== Side::Centre) {
                $corners[$point->side->value][] = $point->reference->toArray();
            }
        }
        foreach ($corners as $side => $places) {
            usort($places, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $corners[$side] = array_map(fn (array $p): array => [$p[0], $p[1], $p[2]], $places);
        }
        $this->corners = $corners;
    }

    /** Whether charted points draw it. */
    public function isCharted(): bool
    {
        return $this->corners['left'] !== [] || $this->corners['right'] !== [];
    }

    /** @return list<float> stations at which a side changes its direction (mm) */
    public function knots(Side $side): array
    {
        return array_column($this->of($side), 0);
    }

    /**
     * @param  ?float  $offset  of the web from the centreline, where no points draw it (mm)
     * @return array{float, float} offset (right positive) and height (mm)
     */
    public function at(Side $side, float $station, ?float $offset = null): array
    {
        $corners = $this->of($side);
        $sign = $side === Side::Left ? -1.0 : 1.0;
        if ($corners === []) {
            return [$side === Side::Centre ? 0.0 : $sign * ($offset ?? self::HALF_WIDTH_MM), 0.0];
        }
        $last = count($corners) - 1;
        if ($station <= $corners[0][0] || $last === 0) {
            return [$corners[0][1], $corners[0][2]];
        }
        for ($i = 1; $i <= $last; $i++) {
            [$x0, $y0, $z0] = $corners[$i - 1];
            [$x1, $y1, $z1] = $corners[$i];
            if ($station <= $x1) {
                $share = $x1 - $x0 < 1e-9 ? 1.0 : ($station - $x0) / ($x1 - $x0);

                return [$y0 + ($y1 - $y0) * $share, $z0 + ($z1 - $z0) * $share];
            }
        }

        return [$corners[$last][1], $corners[$last][2]];
    }

    /** @return list<array{float, float, float}> */
    private function of(Side $side): array
    {
        $other = $side === Side::Left ? 'right' : 'left';
        $own = $side === Side::Centre ? [] : $this->corners[$side->value];

        return match (true) {
            $side === Side::Centre => array_map(fn (array $p): array => [$p[0], 0.0, $p[2]], $this->corners['left'] !== [] ? $this->corners['left'] : $this->corners['right']),
            $own !== [] => $own,
            default => array_map(fn (array $p): array => [$p[0], -$p[1], $p[2]], $this->corners[$other]),
        };
    }
}
