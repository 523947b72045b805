<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** One closed cell: the area that its mid-line encloses, Σ L/t round it, and its thinnest wall. */
final readonly class Cell
{
    public function __construct(public float $area, public float $flow, public float $thinnestWall) {}

    /**
     * By the corners of its mid-line, in order.
     *
     * @param  non-empty-list<array{float, float, float}>  $corners  y, z, and thickness of the wall to the next (mm)
     */
    public static function round(array $corners): self
    {
        $area = $flow = 0.0;
        foreach ($corners as $i => [$y0, $z0, $thickness]) {
            [$y1, $z1] = $corners[($i + 1) % count($corners)];
            $area += ($y0 * $z1 - $y1 * $z0) / 2;
            $flow += hypot($y1 - $y0, $z1 - $z0) / $thickness;
        }

        return new self(abs($area), $flow, min(array_map(fn (array $corner): float => $corner[2], $corners)));
    }

    /** Bredt: J = 4 A² / Σ(L/t) (mm⁴). */
    public function constant(): float
    {
        return 4 * $this->area ** 2 / $this->flow;
    }
}
