<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\SymmetricEigen;
use Geodex\Core\Survey\Reading\Reading;

/**
 * Lays points out from the lengths between them: shortest paths stand in for lengths that were not read, and the three
 * main directions of the doubly centred squares are coordinates (classical scaling, Torgerson, Psychometrika 17, 1952).
 */
final readonly class DistanceLayout
{
    /** A path round corners is longer than the straight line; far strangers are put this much further than all others. */
    private const STRANGERS = 1.3;

    /**
     * @param  list<string>  $ids  in the order of the job, which is front first
     * @param  list<Reading>  $readings
     * @return list<array<string, Vector3>> a layout and its mirror image in the datum plane (mm)
     */
    public function layouts(Frame $frame, array $ids, array $readings): array
    {
        $axes = $this->scaled($this->distances($ids, $readings));
        $x = $this->signed($axes[0], fn (int $i): float => $i - (count($ids) - 1) / 2);
        $y = $this->signed($axes[1], fn (int $i): float => match ($frame->point($ids[$i])->side) {
            Side::Left => -1.0,
            Side::Right => 1.0,
            Side::Centre => 0.0,
        });
        $layouts = [];
        foreach ([1.0, -1.0, 0.0] as $sign) {
            $layout = [];
            foreach ($ids as $i => $id) {
                $layout[$id] = Vector3::of($x[$i], $y[$i], $sign * $axes[2][$i]);
            }
            $layout = $this->withBench($layout, $readings);
            // With all heights read the images are one.
            if (array_filter($layouts, fn (array $other): bool => $this->apart($other, $layout) <= 0.0) === []) {
                $layouts[] = $layout;
            }
        }

        return $layouts;
    }

    /**
     * @param  list<string>  $ids
     * @param  list<Reading>  $readings
     * @return array<int, array<int, float>> mm between all points
     */
    private function distances(array $ids, array $readings): array
    {
        $n = count($ids);
        $place = array_flip($ids);
        $d = array_fill(0, $n, array_fill(0, $n, INF));
        foreach ($readings as $reading) {
            if (! $reading->kind::isDistance()) {
                continue;
            }
            [$p, $q] = array_map(fn (string $id): int => $place[$id], $reading->kind->points());
            $pointers = $reading->kind->pointers();
            $d[$p][$q] = $d[$q][$p] = min($d[$p][$q], hypot($reading->value, $pointers === null ? 0.0 : $pointers[0] - $pointers[1]));
        }
        for ($k = 0; $k < $n; $k++) {
            $d[$k][$k] = 0.0;
            for ($i = 0; $i < $n; $i++) {
                for ($j = 0; $j < $n; $j++) {
                    $d[$i][$j] = min($d[$i][$j], $d[$i][$k] + $d[$k][$j]);
                }
            }
        }
        $finite = array_filter(array_merge(...$d), is_finite(...));
        $far = self::STRANGERS * max([1000.0, ...$finite]);

        return array_map(fn (array $row): array => array_map(fn (float $mm): float => is_finite($mm) ? $mm : $far, $row), $d);
    }

    /**
     * @param  array<int, array<int, float>>  $d
     * @return array{list<float>, list<float>, list<float>} coordinates along the three main directions
     */
    private function scaled(array $d): array
    {
        $n = count($d);
        $square = array_map(fn (array $row): array => array_map(fn (float $mm): float => $mm * $mm, $row), $d);
        $mean = array_map(fn (array $row): float => array_sum($row) / $n, $square);
        $all = array_sum($mean) / $n;
        $centred = [];
        foreach ($square as $i => $row) {
            foreach ($row as $j => $value) {
                $centred[$i][$j] = -0.5 * ($value - $mean[$i] - $mean[$j] + $all);
            }
        }
        $eigen = SymmetricEigen::of($centred);
        $axes = [];
        for ($k = 1; $k <= 3; $k++) {
            $at = $n - $k;
            $size = $at < 0 ? 0.0 : sqrt(max(0.0, $eigen->values[$at]));
            $axes[] = $at < 0 ? array_fill(0, $n, 0.0) : array_values(array_map(fn (float $part): float => $size * $part, $eigen->vector($at)));
        }

        return [$axes[0], $axes[1], $axes[2]];
    }

    /**
     * @param  list<float>  $axis
     * @param  callable(int): float  $sense
     * @return list<float> turned so that it goes with the sense
     */
    private function signed(array $axis, callable $sense): array
    {
        $along = 0.0;
        foreach ($axis as $i => $mm) {
            $along += $mm * $sense($i);
        }

        return $along < 0 ? array_map(fn (float $mm): float => -$mm, $axis) : $axis;
    }

    /**
     * What was read against the bench is better than what lengths say of it.
     *
     * @param  array<string, Vector3>  $layout
     * @param  list<Reading>  $readings
     * @return array<string, Vector3>
     */
    private function withBench(array $layout, array $readings): array
    {
        foreach ($readings as $reading) {
            $id = $reading->kind->points()[0];
            $axis = $reading->kind::coordinate();
            if ($axis !== null) {
                $layout[$id] = Vector3::of(...array_replace($layout[$id]->toArray(), [$axis => $reading->value]));
            }
        }

        return $layout;
    }

    /**
     * @param  array<string, Vector3>  $one
     * @param  array<string, Vector3>  $other
     * @return float  mm, summed over the points
     */
    private function apart(array $one, array $other): float
    {
        $apart = 0.0;
        foreach ($one as $id => $place) {
            $apart += $place->minus($other[$id])->norm();
        }

        return $apart;
    }
}
