<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

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
}
