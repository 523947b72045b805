<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Fields\InvalidFields;

/** What a plate is cut to: closed loops of straight edges and arcs with the metal on their left; outer ones run anticlockwise, holes clockwise; mm. */
final readonly class Contour
{
    /** @param  list<list<Edge>>  $loops  by falling area */
    private function __construct(public array $loops) {}

    /** @param  list<list<Edge>>  $loops */
    public static function ofLoops(array $loops): self
    {
        $sized = array_map(fn (array $loop): array => [self::loopArea($loop), $loop], $loops);
        usort($sized, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return new self(array_column($sized, 1));
    }

    /**
     * One outline, either way round.
     *
     * @param  list<list<float>>  $corners  x, y, and the bulge of the arc that follows
     *
     * @throws InvalidFields if it is none, or crosses or touches itself
     */
    public static function ofCorners(array $corners, string $path): self
    {
        $many = count($corners);
        if ($many > 3 && self::apart($corners[0], $corners[$many - 1]) < 1e-9) {
            $many--;
        }
        if ($many < 3) {
            throw InvalidFields::at($path, 'at least three corners.');
        }
        $loop = [];
        for ($i = 0; $i < $many; $i++) {
            $next = ($i + 1) % $many;
            if (self::apart($corners[$i], $corners[$next]) < 1e-6) {
                throw InvalidFields::at("{$path}[$next]", 'stands on the corner before it.');
            }
            $loop[] = Edge::between([$corners[$i][0], $corners[$i][1]], [$corners[$next][0], $corners[$next][1]], $corners[$i][2] ?? 0.0);
        }
        self::mustBeSimple($loop, $path);
        $area = self::loopArea($loop);
        if (abs($area) < 1e-6) {
            throw InvalidFields::at($path, 'has no area.');
        }

        return new self([$area > 0.0 ? $loop : self::turned($loop)]);
    }

    /**
     * A window: a rectangle along x and y with round corners.
     *
     * @param  array{float, float}  $at  its middle
     */
    public static function ofWindow(array $at, float $length, float $height, float $radius): self
    {
        [$x, $y, $u, $v] = [$length / 2, $height / 2, $length / 2 - $radius, $height / 2 - $radius];
        $quarter = tan(M_PI / 8);
        $corners = [[-$u, -$y, 0.0], [$u, -$y, $quarter], [$x, -$v, 0.0], [$x, $v, $quarter], [$u, $y, 0.0], [-$u, $y, $quarter], [-$x, $v, 0.0], [-$x, -$v, $quarter]];
        $loop = [];
        foreach ($corners as $i => [$cx, $cy, $bulge]) {
            [$nx, $ny] = $corners[($i + 1) % 8];
            if (hypot($nx - $cx, $ny - $cy) > Edge::NEAR) {
                $loop[] = Edge::between([$at[0] + $cx, $at[1] + $cy], [$at[0] + $nx, $at[1] + $ny], $bulge);
            }
        }

        return new self([$loop]);
    }

    /** Every loop the other way round: what was metal is air. */
    public function insideOut(): self
    {
        return self::ofLoops(array_map(self::turned(...), $this->loops));
    }

    /** Moved into the metal, or out of it: the points that stand at least so far from the edge, or at most so far off it. */
    public function offset(float $inward): self
    {
        return match (true) {
            abs($inward) < Edge::NEAR => $this,
            $inward > 0.0 => ContourOffset::inward($this, $inward),
            default => ContourOffset::inward($this->insideOut(), -$inward)->insideOut(),
        };
    }

    /** @return list<Edge> */
    public function edges(): array
    {
        return array_merge(...$this->loops);
    }

    /**
     * How often it goes round a point, anticlockwise plus.
     *
     * @param  array{float, float}  $point
     */
    public function winding(array $point): int
    {
        $turn = 0.0;
        $round = 0;
        foreach ($this->edges() as $edge) {
            [$ax, $ay, $bx, $by] = [$edge->from[0] - $point[0], $edge->from[1] - $point[1], $edge->to[0] - $point[0], $edge->to[1] - $point[1]];
            $turn += atan2($ax * $by - $ay * $bx, $ax * $bx + $ay * $by);
            $round += $edge->bellies($point) ? ($edge->bulge > 0.0 ? 1 : -1) : 0;
        }

        return (int) round($turn / (2 * M_PI)) + $round;
    }

    /** @param  array{float, float}  $point */
    public function distance(array $point): float
    {
        $least = INF;
        foreach ($this->edges() as $edge) {
            $least = min($least, $edge->distance($point));
        }

        return $least;
    }

    /** Least distance between the edges of both. */
    public function gap(self $other): float
    {
        $least = INF;
        foreach ($this->edges() as $a) {
            foreach ($other->edges() as $b) {
                $least = min($least, Crossings::gap($a, $b));
            }
        }

        return $least;
    }

    public function area(): float
    {
        return array_sum(array_map(self::loopArea(...), $this->loops));
    }

    public function perimeter(): float
    {
        return array_sum(array_map(fn (Edge $edge): float => $edge->length(), $this->edges()));
    }

    /**
     * First moments of the area about x = 0 and y = 0, mm³: by the shoelace, and for each arc by the segment between it and its chord.
     *
     * @return array{float, float}
     */
    public function moments(): array
    {
        $mx = $my = 0.0;
        foreach ($this->edges() as $edge) {
            [[$ax, $ay], [$bx, $by]] = [$edge->from, $edge->to];
            $cross = $ax * $by - $bx * $ay;
            [$mx, $my] = [$mx + ($ax + $bx) * $cross / 6, $my + ($ay + $by) * $cross / 6];
            if ($edge->isArc()) {
                $sweep = $edge->sweep();
                $area = $edge->radius ** 2 * ($sweep - sin($sweep)) / 2;
                $off = abs($area) < 1e-12 ? $edge->radius : 4 * $edge->radius * abs(sin($sweep / 2)) ** 3 / (3 * abs($sweep - sin($sweep)));
                [$x, $y] = $edge->at(0.5);
                [$mx, $my] = [$mx + $area * ($edge->centre[0] + ($x - $edge->centre[0]) * $off / $edge->radius), $my + $area * ($edge->centre[1] + ($y - $edge->centre[1]) * $off / $edge->radius)];
            }
        }

        return [$mx, $my];
    }

    /** @param  list<Edge>  $loop */
    public static function loopArea(array $loop): float
    {
        $area = 0.0;
        foreach ($loop as $edge) {
            $sweep = $edge->sweep();
            $area += ($edge->from[0] * $edge->to[1] - $edge->to[0] * $edge->from[1]) / 2 + ($edge->isArc() ? $edge->radius ** 2 * ($sweep - sin($sweep)) / 2 : 0.0);
        }

        return $area;
    }

    /**
     * @param  list<Edge>  $loop
     * @return list<Edge>
     */
    private static function turned(array $loop): array
    {
        return array_map(fn (Edge $edge): Edge => $edge->reversed(), array_reverse($loop));
    }

    /** @param  list<Edge>  $loop */
    private static function mustBeSimple(array $loop, string $path): void
    {
        $many = count($loop);
        foreach ($loop as $i => $edge) {
            for ($k = $i + 1; $k < $many; $k++) {
                $shared = array_filter([$k === $i + 1 ? $edge->to : null, ($k + 1) % $many === $i ? $edge->from : null]);
                foreach (Crossings::of($edge, $loop[$k]) as $point) {
                    if (array_filter($shared, fn (array $one): bool => self::apart($one, $point) < 1e-6) === []) {
                        throw InvalidFields::at($path, sprintf('crosses or touches itself at %.1f, %.1f: edge %d and edge %d.', $point[0], $point[1], $i + 1, $k + 1));
                    }
                }
            }
        }
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function apart(array $a, array $b): float
    {
        return hypot($a[0] - $b[0], $a[1] - $b[1]);
    }
}
