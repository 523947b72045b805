<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\SurveyResult;

/** Lays one source on another by the points on which they agree, and readings on both. */
final readonly class SourceFitter
{
    private const ROUNDS = 12;

    /**
     * @param  array<string, Vector3>  $first
     * @param  array<string, Vector3>  $second
     * @param  list<string>  $common
     * @param  list<string>  $base
     * @return list<string> the points on which the two agree, from the base points or from all, whichever gives more
     */
    public function agreed(array $first, array $second, array $common, array $base): array
    {
        $fromAll = $this->agreedFrom($first, $second, $common, $common);
        try {
            $this->motion($second, $first, $base);
        } catch (DegenerateGeometry) {
            return $fromAll;
        }
        $fromBase = $this->agreedFrom($first, $second, $common, $base);

        return count($fromBase) >= count($fromAll) ? $fromBase : $fromAll;
    }

    /**
     * @param  array<string, Vector3>  $first
     * @param  array<string, Vector3>  $second
     * @param  list<string>  $common
     * @param  list<string>  $kept  where to start
     * @return list<string> the better half, then all within what shops hold
     */
    private function agreedFrom(array $first, array $second, array $common, array $kept): array
    {
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $motion = $this->motion($second, $first, $kept);
            $off = [];
            foreach ($common as $id) {
                $off[$id] = $motion->apply($second[$id])->minus($first[$id])->norm();
            }
            asort($off);
            $near = array_filter($off, fn (float $mm): bool => $mm <= SourceComparer::AGREE_MM);
            $half = array_slice($off, 0, max(3, intdiv(count($common) + 1, 2)), true);
            $next = array_map(strval(...), array_keys(count($near) > count($half) ? $near : $half));
            sort($next);
            if ($next === $kept) {
                break;
            }
            try {
                $this->motion($second, $first, $next);
            } catch (DegenerateGeometry) {
                break;
            }
            $kept = $next;
        }

        return $kept;
    }

    /**
     * @param  array<string, Vector3>  $from
     * @param  array<string, Vector3>  $to
     * @param  list<string>  $ids
     */
    public function motion(array $from, array $to, array $ids): RigidMotion
    {
        return (new RigidMotionFitter)->fit(array_map(fn (string $id): Vector3 => $from[$id], $ids), array_map(fn (string $id): Vector3 => $to[$id], $ids));
    }

    /**
     * @param  array<string, Vector3>  $first
     * @param  array<string, Vector3>  $second
     * @param  list<string>  $agreed
     * @return array<string, array{float, float, float}> weighted squares against each source, and how many terms
     */
    public function squares(array $first, array $second, array $agreed, SurveyResult $measured): array
    {
        $places = $sigmas = [];
        foreach ($measured->points as $point) {
            if ($point->isDetermined() && $point->measured !== null && $point->sigma !== null) {
                $places[$point->id] = $point->measured;
                $sigmas[$point->id] = $point->sigma;
            }
        }
        $hold = array_values(array_filter($agreed, fn (string $id): bool => isset($places[$id])));
        try {
            $motion = $this->motion($places, $first, $hold);
        } catch (DegenerateGeometry) {
            return [];
        }
        $fits = [];
        foreach (array_intersect_key($places, $first, $second) as $id => $place) {
            $is = $motion->apply($place);
            $s = $sigmas[$id]->toArray();
            $weighted = function (Vector3 $off) use ($s): float {
                $sum = 0.0;
                foreach ($off->toArray() as $axis => $mm) {
                    $sum += ($mm / max(0.5, $s[$axis])) ** 2;
                }

                return $sum;
            };
            $fits[$id] = [$weighted($is->minus($first[$id])), $weighted($is->minus($second[$id])), 3.0];
        }

        return $fits;
    }
}
