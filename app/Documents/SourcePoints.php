<?php

declare(strict_types=1);

namespace App\Documents;

use Geodex\Core\Frame\ReferenceCovariance;
use Geodex\Core\Geometry\Vector3;

/** The points of a reference as they are stored. */
final readonly class SourcePoints
{
    /**
     * @param  array<string, Vector3>  $places  mm
     * @param  array<string, Vector3>  $sigmas  mm
     * @return list<array<string, mixed>>
     */
    public static function of(array $places, array $sigmas): array
    {
        $points = [];
        foreach ($places as $id => $place) {
            $points[] = ['id' => (string) $id, 'at' => $place->toArray(), ...(isset($sigmas[$id]) ? ['sigma' => $sigmas[$id]->toArray()] : [])];
        }

        return $points;
    }

    /**
     * The lower half of a covariance, of the points that are named; of all where none are.
     *
     * @param  ?list<string>  $only
     * @return ?array{points: list<string>, mm2: list<list<float>>}
     */
    public static function covariance(?ReferenceCovariance $covariance, ?array $only = null): ?array
    {
        if ($covariance === null) {
            return null;
        }
        $points = $rows = [];
        foreach ($covariance->points as $k => $id) {
            if ($only === null || in_array($id, $only, true)) {
                $points[] = $id;
                array_push($rows, 3 * $k, 3 * $k + 1, 3 * $k + 2);
            }
        }
        $matrix = $covariance->matrix();

        return ['points' => $points, 'mm2' => array_map(fn (int $i): array => array_map(fn (int $j): float => round($matrix[$rows[$i]][$rows[$j]], 6), range(0, $i)), array_keys($rows))];
    }
}
