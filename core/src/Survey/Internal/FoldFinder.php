<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SymmetricEigen;

/**
 * Finds mirror solutions: points that lengths alone hold may stand on either side of the plane of their neighbours. Each such point,
 * each such pair of mates and each such end of the frame is folded over and adjusted again.
 */
final readonly class FoldFinder
{
    /** A point nearer than this to the plane of its neighbours folds onto itself (mm). */
    private const FOLDS_MM = 4.0;

    /** χ² of one degree of freedom at 95 %: sums nearer than this fit as well. */
    private const AS_WELL = 3.84;

    /** Folds that are adjusted: a bound on time. */
    private const MAX = 16;

    private const NEAR_ENOUGH_MM = 1e-2;

    /** Rounds that show whether a fold fits; one that creeps on from there fits better still. */
    private const ROUNDS = 25;

    private const IN_LINE = 1e-6;

    public function __construct(private NetworkAdjuster $adjuster) {}

    /**
     * @param  array<string, Vector3>  $at  adjusted positions (mm)
     * @return list<array{list<string>, Adjustment, float}> points folded, positions, and weighted sum; those that fit as well or better
     */
    public function find(Frame $frame, Network $network, array $at, float $sum): array
    {
        $told = $linked = [];
        foreach ($network->readings as $reading) {
            $points = $reading->kind->points();
            if ($reading->kind::tellsHeight()) {
                $told += array_fill_keys($points, true);
            } elseif (count($points) > 1) {
                foreach ($points as $a) {
                    foreach (array_diff($points, [$a]) as $b) {
                        $linked[$a][$b] = true;
                    }
                }
            }
        }
        $free = array_values(array_filter($network->pointIds, fn (string $id): bool => ! isset($told[$id])));
        $starts = [];
        foreach ($free === [] ? [] : $this->groups($frame, $free, $network->pointIds, $at) as $group) {
            $start = $this->folded($group, $linked, $at);
            if ($start !== null) {
                $starts[] = [$this->sum($network, $start), $group, $start];
            }
        }
        usort($starts, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $folds = [];
        foreach (array_slice($starts, 0, self::MAX) as [, $group, $start]) {
            try {
                $adjusted = $this->adjuster->roughly($network, $start, self::ROUNDS, self::NEAR_ENOUGH_MM);
            } catch (CoreFailure) {
                continue;
            }
            $found = array_sum(array_map(fn (float $w): float => $w * $w, $adjusted->misclosures));
            if ($found <= $sum + self::AS_WELL && ! $this->isKnown($adjusted->at, [$at, ...array_map(fn (array $one): array => $one[1]->at, $folds)], $network)) {
                $folds[] = [$group, $adjusted, $found];
            }
        }

        return $folds;
    }

    /**
     * @param  list<string>  $free
     * @param  list<string>  $all
     * @param  array<string, Vector3>  $at
     * @return list<list<string>> each free point, each pair of free mates, and each free end of the frame
     */
    private function groups(Frame $frame, array $free, array $all, array $at): array
    {
        $groups = array_map(fn (string $id): array => [$id], $free);
        foreach ($free as $id) {
            $mate = $frame->point($id)->mate;
            if ($mate !== null && strcmp($id, $mate) < 0 && in_array($mate, $free, true)) {
                $groups[] = [$id, $mate];
            }
        }
        usort($all, fn (string $a, string $b): int => $at[$a]->x <=> $at[$b]->x);
        foreach ([$all, array_reverse($all)] as $line) {
            $end = [];
            foreach ($line as $id) {
                if (! in_array($id, $free, true) || count($end) > count($all) - 4) {
                    break;
                }
                $end[] = $id;
                if (count($end) > 2) {
                    $groups[] = $end;
                }
            }
        }

        return $groups;
    }

    /**
     * @param  list<string>  $group
     * @param  array<string, array<string, true>>  $linked
     * @param  array<string, Vector3>  $at
     * @return ?array<string, Vector3> the group mirrored in the plane of the points it is tied to; null if that is no plane or hardly moves it
     */
    private function folded(array $group, array $linked, array $at): ?array
    {
        $tied = [];
        foreach ($group as $id) {
            $tied += $linked[$id] ?? [];
        }
        $tied = array_map(strval(...), array_keys(array_diff_key($tied, array_flip($group))));
        if (count($tied) < 3) {
            return null;
        }
        $centre = Vector3::of(0, 0, 0);
        foreach ($tied as $id) {
            $centre = $centre->plus($at[$id]->times(1 / count($tied)));
        }
        $moments = array_fill(0, 3, [0.0, 0.0, 0.0]);
        foreach ($tied as $id) {
            $p = $at[$id]->minus($centre)->toArray();
            for ($i = 0; $i < 3; $i++) {
                for ($j = 0; $j < 3; $j++) {
                    $moments[$i][$j] += $p[$i] * $p[$j];
                }
            }
        }
        $eigen = SymmetricEigen::of($moments);
        if ($eigen->values[1] <= self::IN_LINE * $eigen->values[2]) {
            return null;
        }
        [$x, $y, $z] = $eigen->vector(0);
        $normal = Vector3::of($x, $y, $z);
        $max = 0.0;
        foreach ($group as $id) {
            $height = $at[$id]->minus($centre)->dot($normal);
            $max = max($max, abs($height));
            $at[$id] = $at[$id]->minus($normal->times(2 * $height));
        }

        return $max < self::FOLDS_MM ? null : $at;
    }

    /** @param  array<string, Vector3>  $at */
    private function sum(Network $network, array $at): float
    {
        $sum = 0.0;
        foreach ($network->readings as $reading) {
            try {
                $sum += (($reading->value - $reading->kind->linearise($at)->predicted) / $reading->sigma) ** 2;
            } catch (CoreFailure) {
                return INF;
            }
        }

        return $sum;
    }

    /**
     * Whether all lengths between neighbouring points, up and down included, are as in a solution known already.
     *
     * @param  array<string, Vector3>  $at
     * @param  list<array<string, Vector3>>  $known
     */
    private function isKnown(array $at, array $known, Network $network): bool
    {
        foreach ($known as $other) {
            $max = 0.0;
            foreach ($network->pointIds as $id) {
                $max = max($max, $at[$id]->minus($other[$id])->norm());
            }
            if ($max < self::FOLDS_MM) {
                return true;
            }
        }

        return false;
    }
}
