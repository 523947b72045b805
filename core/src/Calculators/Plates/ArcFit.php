<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

/** A line of many points as few straight edges and arcs that leave none of them by more than allowed: what a machine cuts smoothly. */
final readonly class ArcFit
{
    /**
     * @param  list<array{float, float}>  $points  in order, two or more
     * @return list<Edge>
     */
    public static function of(array $points, float $within): array
    {
        $edges = [];
        $last = count($points) - 1;
        for ($i = 0; $i < $last;) {
            [$reach, $edge] = [$i + 1, Edge::between($points[$i], $points[$i + 1])];
            // As far as one edge goes: twice as far each time, then half the step back.
            for ($step = 1; $step >= 1;) {
                $next = min($last, $reach + $step);
                $fitted = $next > $reach ? self::one(array_slice($points, $i, $next - $i + 1), $within) : null;
                if ($fitted !== null) {
                    [$reach, $edge, $step] = [$next, $fitted, $step * 2];
                } else {
                    $step = intdiv($step, 2);
                }
            }
            $edges[] = $edge;
            $i = $reach;
        }

        return $edges;
    }

    /** @param  list<array{float, float}>  $points  two or more */
    private static function one(array $points, float $within): ?Edge
    {
        $many = count($points);
        [$from, $middle, $to] = [$points[0], $points[intdiv($many, 2)], $points[$many - 1]];
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        $chord = hypot($dx, $dy);
        if ($chord < Edge::NEAR) {
            return null;
        }
        $straight = Edge::between($from, $to);
        if (self::follows($straight, $points, $within)) {
            return $straight;
        }
        $bulge = self::bulge($from, $middle, $to);
        $arc = Edge::between($from, $to, $bulge);

        return abs($bulge) <= 1.0 && self::follows($arc, $points, $within) ? $arc : null;
    }

    /**
     * Of the arc through three points: the tangent of half the angle between chord and middle, as seen from the start and the end together.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $middle
     * @param  array{float, float}  $to
     */
    private static function bulge(array $from, array $middle, array $to): float
    {
        // The angle at the middle is half the turn that is left of a full circle: sweep = 2 (π − angle), anticlockwise where the middle lies right of the chord.
        [$ax, $ay, $bx, $by] = [$from[0] - $middle[0], $from[1] - $middle[1], $to[0] - $middle[0], $to[1] - $middle[1]];
        $angle = atan2(abs($ax * $by - $ay * $bx), $ax * $bx + $ay * $by);

        return tan((M_PI - $angle) / 2) * (Piece::side($from, $to, $middle) < 0.0 ? 1.0 : -1.0);
    }

    /** @param  list<array{float, float}>  $points */
    private static function follows(Edge $edge, array $points, float $within): bool
    {
        foreach ($points as $point) {
            if ($edge->distance($point) > $within) {
                return false;
            }
        }

        return true;
    }
}
