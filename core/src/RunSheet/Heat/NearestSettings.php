<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Heat;

/** What was welded with last on a rail most like this one. */
final readonly class NearestSettings
{
    /** Rails this much alike count as the same (mm). */
    private const SAME = 0.25;

    /**
     * @param  list<array<string, mixed>>  $runs  as they were logged, the latest first
     * @param  ?float  $thickness  of the rail, mm; null where nobody knows
     * @return array<string, mixed> the latest of those nearest in thickness; empty where none was logged
     */
    public static function of(array $runs, ?float $thickness): array
    {
        $best = null;
        foreach ($runs as $run) {
            $of = is_numeric($run['railThickness'] ?? null) ? (float) $run['railThickness'] : null;
            $away = $thickness === null ? 0.0 : ($of === null ? INF : abs($of - $thickness));
            $best = $best === null || $away < $best[0] - self::SAME ? [$away, $run] : $best;
        }

        return $best[1] ?? [];
    }
}
