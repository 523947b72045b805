<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

/**
 * The points of a contour's metal that stand at least so far from its edge: every edge is shifted, every corner that opens gets an arc, all are cut where they cross,
 * and what stands far enough off is chained again.
 */
final readonly class ContourOffset
{
    /** How far beside an edge it is looked whether metal begins there; mm. */
    private const PROBE = 1e-5;

    /** Ends nearer than this are one corner; mm. */
    private const JOINS = 1e-4;

    public static function inward(Contour $contour, float $distance): Contour
    {
        $edges = [];
        foreach ($contour->loops as $loop) {
            foreach ($loop as $i => $edge) {
                array_push($edges, ...array_filter([$edge->moved($distance), self::round($edge, $loop[($i + 1) % count($loop)], $distance)]));
            }
        }
        // Turned inside out, what lies about the loops counts as metal.
        $metal = $contour->area() > 0.0 ? 1 : 0;
        $kept = [];
        foreach (self::cut($edges) as $edge) {
            if (self::isEdge($contour, $edge, $distance, $metal)) {
                $kept[] = $edge;
            }
        }

        return Contour::ofLoops(self::chained($kept));
    }

    /** An arc about a corner that opens when both its edges move to their left. */
    private static function round(Edge $edge, Edge $next, float $distance): ?Edge
    {
        [[$ax, $ay], [$bx, $by]] = [$edge->along(1.0), $next->along(0.0)];
        [$turn, $ahead] = [$ax * $by - $ay * $bx, $ax * $bx + $ay * $by];
        if ($turn > -1e-12 && ! (abs($turn) <= 1e-12 && $ahead < 0.0)) {
            return null;
        }
        [$x, $y] = $edge->to;

        return Edge::between([$x - $distance * $ay, $y + $distance * $ax], [$x - $distance * $by, $y + $distance * $bx], tan(-abs(atan2($turn, $ahead)) / 4));
    }

    /**
     * @param  list<Edge>  $edges
     * @return list<Edge>
     */
    private static function cut(array $edges): array
    {
        $shares = array_map(fn (): array => [0.0, 1.0], $edges);
        foreach ($edges as $i => $edge) {
            for ($k = $i + 1; $k < count($edges); $k++) {
                foreach (Crossings::of($edge, $edges[$k]) as $point) {
                    $shares[$i][] = $edge->shareOf($point);
                    $shares[$k][] = $edges[$k]->shareOf($point);
                }
            }
        }
        $parts = [];
        foreach ($edges as $i => $edge) {
            sort($shares[$i]);
            foreach (array_slice($shares[$i], 1) as $k => $share) {
                if (($share - $shares[$i][$k]) * $edge->length() > Edge::NEAR) {
                    $parts[] = $edge->part($shares[$i][$k], $share);
                }
            }
        }

        return $parts;
    }

    /** Whether what lies left of it stands far enough off, and it itself just so. */
    private static function isEdge(Contour $contour, Edge $edge, float $distance, int $metal): bool
    {
        [$x, $y] = $edge->at(0.5);
        [$dx, $dy] = $edge->along(0.5);
        $beside = [$x - self::PROBE * $dy, $y + self::PROBE * $dx];

        return $contour->distance([$x, $y]) >= $distance - 1e-8 && $contour->distance($beside) >= $distance + self::PROBE / 2 && $contour->winding($beside) === $metal;
    }

    /**
     * Closed loops, from the longest edge on; where more than one goes on, the one that turns furthest left keeps to the same metal. Ends that lead nowhere are dropped.
     *
     * @param  list<Edge>  $edges
     * @return list<list<Edge>>
     */
    private static function chained(array $edges): array
    {
        usort($edges, fn (Edge $a, Edge $b): int => $b->length() <=> $a->length());
        $loops = [];
        while ($edges !== []) {
            $loop = [array_shift($edges)];
            $isClosed = false;
            while (true) {
                $last = $loop[count($loop) - 1];
                $next = self::next($last, $edges);
                $isClosed = self::apart($last->to, $loop[0]->from) < self::JOINS && ($next === null || self::turn($last, $loop[0]) >= self::turn($last, $edges[$next]));
                if ($isClosed || $next === null) {
                    break;
                }
                $loop[] = $edges[$next];
                array_splice($edges, $next, 1);
            }
            if ($isClosed && count($loop) > 1 && abs(Contour::loopArea($loop)) > 1e-6) {
                $loops[] = self::merged($loop);
            }
        }

        return $loops;
    }

    /** @param  list<Edge>  $edges */
    private static function next(Edge $last, array $edges): ?int
    {
        $best = null;
        foreach ($edges as $i => $edge) {
            if (self::apart($last->to, $edge->from) < self::JOINS && ($best === null || self::turn($last, $edge) > self::turn($last, $edges[$best]))) {
                $best = $i;
            }
        }

        return $best;
    }

    private static function turn(Edge $edge, Edge $next): float
    {
        [[$ax, $ay], [$bx, $by]] = [$edge->along(1.0), $next->along(0.0)];

        return atan2($ax * $by - $ay * $bx, $ax * $bx + $ay * $by);
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function apart(array $a, array $b): float
    {
        return hypot($a[0] - $b[0], $a[1] - $b[1]);
    }

    /**
     * Edges that go on as one line or one arc made one.
     *
     * @param  list<Edge>  $loop
     * @return list<Edge>
     */
    private static function merged(array $loop): array
    {
        $merged = [];
        foreach ($loop as $edge) {
            $last = count($merged) - 1;
            $joined = $last < 0 ? null : $merged[$last]->joined($edge);
            $joined === null ? $merged[] = $edge : $merged[$last] = $joined;
        }
        $around = count($merged) < 3 ? null : $merged[count($merged) - 1]->joined($merged[0]);

        return $around === null ? array_values($merged) : [$around, ...array_slice($merged, 1, -1)];
    }
}
