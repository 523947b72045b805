<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Tubes;

/**
 * A cope made by saw alone: one straight cut, or two that meet in a mouth. Each plane c + d cos φ + e sin φ stands just off the cope everywhere; of all such planes
 * the one that leaves least open (c by the greatest difference; d and e by golden section of a convex function).
 */
final readonly class StraightCuts
{
    private const STATIONS = 72;

    private const SEARCH = 24;

    /** A saw swings no further (degrees). */
    private const STEEPEST = 75.0;

    /**
     * @param  float  $radius  of the tube, outside
     * @return list<array{cuts: int, gap: float, planes: list<array{fromSquare: float, clock: float, longest: float}>}> longest: the cut at its longest wall, from the foot
     */
    public static function of(Cope $cope, float $radius): array
    {
        $cut = [];
        for ($i = 0; $i < self::STATIONS; $i++) {
            $clock = 2 * M_PI * $i / self::STATIONS;
            $cut[] = [cos($clock), sin($clock), $cope->cut($clock)];
        }
        $one = self::plane($cut, $radius);
        $near = array_values(array_filter($cut, fn (array $at): bool => $at[0] >= -1e-9));
        $far = array_values(array_filter($cut, fn (array $at): bool => $at[0] <= 1e-9));
        $two = [self::plane($near, $radius), self::plane($far, $radius)];

        return [self::told([$one], $cut, $radius), self::told($two, $cut, $radius)];
    }

    /**
     * @param  list<array{float, float, float}>  $cut  cosine, sine and cut all round
     * @return array{float, float, float} c, d, e
     */
    private static function plane(array $cut, float $radius): array
    {
        // Looked for on every second place, and then set off from all of them.
        $coarse = array_values(array_filter($cut, fn (int $i): bool => $i % 2 === 0, ARRAY_FILTER_USE_KEY));
        $most = $radius * tan(deg2rad(self::STEEPEST));
        // Alike on both sides of the clock, a cope wants no cut that leans to one of them.
        $isEven = abs(array_sum(array_map(fn (array $at): float => $at[1] * $at[2], $cut))) < 1e-6;
        $across = fn (float $d): float => $isEven ? 0.0 : self::least(fn (float $e): float => self::open($coarse, $d, $e), $most);
        $d = self::least(fn (float $d): float => self::open($coarse, $d, $across($d)), $most);
        $e = $across($d);

        return [max(array_map(fn (array $at): float => $at[2] - $d * $at[0] - $e * $at[1], [[0.0, 0.0, -INF], ...$cut])), $d, $e];
    }

    /**
     * By golden section.
     *
     * @param  \Closure(float): float  $of  convex
     */
    private static function least(\Closure $of, float $most): float
    {
        $share = (sqrt(5.0) - 1) / 2;
        [$low, $high] = [-$most, $most];
        [$one, $other] = [$high - $share * ($high - $low), $low + $share * ($high - $low)];
        [$atOne, $atOther] = [$of($one), $of($other)];
        for ($i = 0; $i < self::SEARCH; $i++) {
            if ($atOne <= $atOther) {
                [$high, $other, $atOther] = [$other, $one, $atOne];
                $one = $high - $share * ($high - $low);
                $atOne = $of($one);
            } else {
                [$low, $one, $atOne] = [$one, $other, $atOther];
                $other = $low + $share * ($high - $low);
                $atOther = $of($other);
            }
        }

        return ($low + $high) / 2;
    }

    /** @param  list<array{float, float, float}>  $cut */
    private static function open(array $cut, float $d, float $e): float
    {
        [$least, $greatest] = [INF, -INF];
        foreach ($cut as [$cos, $sin, $s]) {
            $off = $s - $d * $cos - $e * $sin;
            [$least, $greatest] = [min($least, $off), max($greatest, $off)];
        }

        return $greatest - $least;
    }

    /**
     * @param  list<array{float, float, float}>  $planes
     * @param  list<array{float, float, float}>  $cut
     * @return array{cuts: int, gap: float, planes: list<array{fromSquare: float, clock: float, longest: float}>}
     */
    private static function told(array $planes, array $cut, float $radius): array
    {
        $gap = 0.0;
        foreach ($cut as [$cos, $sin, $s]) {
            $gap = max($gap, max(array_map(fn (array $plane): float => $plane[0] + $plane[1] * $cos + $plane[2] * $sin, [[-INF, 0.0, 0.0], ...$planes])) - $s);
        }

        return ['cuts' => count($planes), 'gap' => $gap, 'planes' => array_map(fn (array $plane): array => [
            'fromSquare' => rad2deg(atan2(hypot($plane[1], $plane[2]), $radius)), 'clock' => fmod(rad2deg(atan2($plane[2], $plane[1])) + 360.0, 360.0), 'longest' => $plane[0] + hypot($plane[1], $plane[2]),
        ], $planes)];
    }
}
