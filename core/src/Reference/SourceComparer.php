<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * Holds two sources for one frame against each other. They are laid together on the points they agree on (a trimmed
 * least-squares fit, Rousseeuw & Leroy, Robust Regression and Outlier Detection, chapter 5), so that a wrong region does not
 * tilt the rest, and the survey is laid on the same points.
 */
final readonly class SourceComparer
{
    /** What careful shops hold; sources nearer than this agree. */
    private const AGREE_MM = 3.0;

    private const SAME_ROW_MM = 60.0;

    private const ROUNDS = 12;

    /** Difference of weighted squares from which one source fits clearly better: three sigmas. */
    private const CLEARLY = 9.0;

    /**
     * @param  array<string, Vector3>  $first  mm
     * @param  array<string, Vector3>  $second  mm
     * @param  array{string, string}  $names  of the two sources
     * @param  list<string>  $base  points taken as undamaged: where two halves differ, the half with these is what they agree on
     *
     * @throws DegenerateGeometry if they share fewer than three points not in a line
     */
    public function compare(array $first, array $second, array $names, ?SurveyResult $measured = null, array $base = []): SourceComparison
    {
        $common = array_map(strval(...), array_keys(array_intersect_key($first, $second)));
        $agreed = $this->agreed($first, $second, $common, array_values(array_intersect($common, $base)));
        $motion = $this->motion($second, $first, $agreed);
        $laid = array_map($motion->apply(...), array_intersect_key($second, $first));
        $differences = [];
        foreach ($common as $id) {
            $differences[$id] = $laid[$id]->minus($first[$id]);
        }
        $fits = $measured === null ? [] : $this->fits($first, $laid, $agreed, $measured);
        $regions = $this->regions($first, $differences, $fits);
        $only = array_map(strval(...), [...array_keys(array_diff_key($first, $second)), ...array_keys(array_diff_key($second, $first))]);

        return new SourceComparison($differences, $regions, $only, $this->say($regions, $names, $measured !== null));
    }

    /**
     * @param  array<string, Vector3>  $first
     * @param  array<string, Vector3>  $second
     * @param  list<string>  $common
     * @param  list<string>  $base
     * @return list<string> the points on which the two agree, from the base points or from all, whichever gives more
     */
    private function agreed(array $first, array $second, array $common, array $base): array
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
            $near = array_filter($off, fn (float $mm): bool => $mm <= self::AGREE_MM);
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
    private function motion(array $from, array $to, array $ids): RigidMotion
    {
        return (new RigidMotionFitter)->fit(array_map(fn (string $id): Vector3 => $from[$id], $ids), array_map(fn (string $id): Vector3 => $to[$id], $ids));
    }

    /**
     * @param  array<string, Vector3>  $first
     * @param  array<string, Vector3>  $second
     * @param  list<string>  $agreed
     * @return array<string, array{float, float, float}> weighted squares against each source, and how many terms
     */
    private function fits(array $first, array $second, array $agreed, SurveyResult $measured): array
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

    /**
     * @param  array<string, Vector3>  $first
     * @param  array<string, Vector3>  $differences
     * @param  array<string, array{float, float, float}>  $fits
     * @return list<SourceRegion>
     */
    private function regions(array $first, array $differences, array $fits): array
    {
        $regions = [];
        foreach ($this->rows(array_intersect_key($first, $differences)) as $row) {
            $worst = max(array_map(fn (string $id): float => $differences[$id]->norm(), $row));
            $side = $worst <= self::AGREE_MM ? 'agree' : $this->side($row, $fits);
            $last = $regions === [] ? null : $regions[count($regions) - 1];
            if ($last !== null && $last->side === $side) {
                array_pop($regions);
                $regions[] = new SourceRegion($last->from, $this->name($row), [...$last->points, ...$row], max($last->worst, $worst), $side);
            } else {
                $regions[] = new SourceRegion($this->name($row), $this->name($row), $row, $worst, $side);
            }
        }

        return $regions;
    }

    /**
     * @param  non-empty-list<string>  $row
     * @param  array<string, array{float, float, float}>  $fits
     * @return 'first'|'second'|'neither'|'open'
     */
    private function side(array $row, array $fits): string
    {
        $a = $b = $terms = 0.0;
        foreach ($row as $id) {
            [$p, $q, $n] = $fits[$id] ?? [0.0, 0.0, 0.0];
            $a += $p;
            $b += $q;
            $terms += $n;
        }
        // Three sigmas over what the number of terms lets expect.
        $poor = $terms + self::CLEARLY * sqrt(2 * max(1.0, $terms)) / 2;

        return match (true) {
            $terms < 1 || abs($a - $b) <= self::CLEARLY => 'open',
            min($a, $b) > 2 * $poor => 'neither',
            default => $a < $b ? 'first' : 'second',
        };
    }

    /**
     * @param  array<string, Vector3>  $places
     * @return list<non-empty-list<string>>
     */
    private function rows(array $places): array
    {
        uasort($places, fn (Vector3 $a, Vector3 $b): int => [$a->x, $a->y] <=> [$b->x, $b->y]);
        $rows = [];
        $station = -INF;
        foreach ($places as $id => $place) {
            if ($rows === [] || $place->x - $station > self::SAME_ROW_MM) {
                $rows[] = [(string) $id];
                $station = $place->x;
            } else {
                $rows[count($rows) - 1][] = (string) $id;
            }
        }

        return $rows;
    }

    /**
     * The row of AL and AR is A.
     *
     * @param  non-empty-list<string>  $row
     */
    private function name(array $row): string
    {
        $name = $row[0];
        foreach ($row as $id) {
            while ($name !== '' && ! str_starts_with($id, $name)) {
                $name = substr($name, 0, -1);
            }
        }
        $name = rtrim($name, '-_.');

        return $name === '' || count($row) === 1 ? $row[0] : $name;
    }

    /**
     * @param  list<SourceRegion>  $regions
     * @param  array{string, string}  $names
     */
    private function say(array $regions, array $names, bool $hasReadings): Sentence
    {
        if (array_filter($regions, fn (SourceRegion $region): bool => $region->side !== 'agree') === []) {
            return Sentence::of('sources.agree', '{first} and {second} agree everywhere within {allowed}.', first: $names[0], second: $names[1], allowed: Measure::given(self::AGREE_MM));
        }
        $parts = [];
        foreach ($regions as $i => $region) {
            $rows = $region->from === $region->to ? "row $region->from" : "rows $region->from to $region->to";
            $says = match ($region->side) {
                'agree' => '{rows}: both agree',
                'first' => '{rows}: the readings fit {first}',
                'second' => '{rows}: the readings fit {second}',
                'neither' => '{rows}: the readings fit neither, so the frame itself may be bent there',
                'open' => '{rows}: they differ by up to {worst}'.($hasReadings ? ', and the readings cannot tell yet which is right' : ''),
            };
            $parts[] = Sentence::of("sources.{$region->side}", $says, rows: $i === 0 ? ucfirst($rows) : $rows, first: $names[0], second: $names[1], worst: Measure::computed($region->worst));
        }

        return $parts === [] ? Sentence::plain('sources.none', '') : Sentence::of('sources.differ', '{regions}.', regions: Sentence::joined('sources.differ', '; ', $parts));
    }
}
