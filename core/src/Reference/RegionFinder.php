<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Rows;
use Geodex\Core\Geometry\Vector3;

/** Runs of rows along a frame on which two sources agree, or on which the readings side with one of them. */
final readonly class RegionFinder
{
    /** Difference of weighted squares from which one source fits clearly better: three sigmas. */
    private const CLEARLY = 9.0;

    /**
     * @param  array<string, Vector3>  $first
     * @param  array<string, Vector3>  $differences
     * @param  array<string, array{float, float, float}>  $fits
     * @return list<SourceRegion>
     */
    public function find(array $first, array $differences, array $fits): array
    {
        $regions = [];
        foreach (Rows::of(array_intersect_key($first, $differences)) as $row) {
            $worst = max(array_map(fn (string $id): float => $differences[$id]->norm(), $row));
            $side = $worst <= SourceComparer::AGREE_MM ? SidesWith::Both : $this->side($row, $fits);
            $last = $regions === [] ? null : $regions[count($regions) - 1];
            if ($last !== null && $last->side === $side) {
                array_pop($regions);
                $regions[] = new SourceRegion(from: $last->from, to: $this->name($row), points: [...$last->points, ...$row], worst: max($last->worst, $worst), side: $side);
            } else {
                $regions[] = new SourceRegion(from: $this->name($row), to: $this->name($row), points: $row, worst: $worst, side: $side);
            }
        }

        return $regions;
    }

    /**
     * @param  non-empty-list<string>  $row
     * @param  array<string, array{float, float, float}>  $fits
     */
    private function side(array $row, array $fits): SidesWith
    {
        $a = $b = $terms = 0.0;
        foreach (array_intersect_key($fits, array_flip($row)) as [$p, $q, $n]) {
            $a += $p;
            $b += $q;
            $terms += $n;
        }
        // Three sigmas over what the number of terms lets expect.
        $poor = $terms + self::CLEARLY * sqrt(2 * $terms) / 2;

        return match (true) {
            abs($a - $b) <= self::CLEARLY => SidesWith::Open,
            min($a, $b) > 2 * $poor => SidesWith::Neither,
            default => $a < $b ? SidesWith::First : SidesWith::Second,
        };
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
            while (! str_starts_with($id, $name)) {
                $name = substr($name, 0, -1);
            }
        }
        $name = rtrim($name, '-_.');

        return $name === '' || count($row) === 1 ? $row[0] : $name;
    }
}
