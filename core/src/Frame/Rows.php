<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Geometry\Vector3;

/** The points of a frame row by row, from the front: those of about one station stand in one. */
final readonly class Rows
{
    /** Points nearer than this along the frame stand in one row (mm). */
    private const SAME_ROW_MM = 60.0;

    /**
     * @param  array<string, Vector3>  $places  mm
     * @return list<non-empty-list<string>> ids, left before right
     */
    public static function of(array $places): array
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
}
