<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * What a layout of plugs and stitches has to keep besides its strength: edges, the plate's own net section, and that a compressed plate does
 * not buckle between what holds it (AISC 360 J2.3b and E6.2: 0.75 t √(E/f_y), and 305 at most).
 */
final readonly class SpliceChecks
{
    private const ELASTIC_MPA = 210_000.0;

    private const SLENDER = 0.75;

    private const FARTHEST_MM = 305.0;

    /** Middle of a plug to the edge of its plate, in diameters. */
    private const EDGE = 1.5;

    /**
     * @param  list<array<string, mixed>>  $parts  as the calculator “splice” takes them
     * @return list<Sentence> what is not kept; none where all is
     */
    public static function of(SpliceSite $site, array $parts): array
    {
        $said = [];
        foreach ($parts as $part) {
            /** @var array{id: string, kind: string, section: array{depth?: float, width?: float, thickness: float}, each: array{length: float, plugs?: array{diameter: float, positions: list<array{float, float}>}, fillets?: list<array{from?: array{float, float}, to?: array{float, float}}>}} $part */
            array_push($said, ...self::buckling($site, $part), ...self::edges($part), ...self::net($site, $part));
        }

        return $said;
    }

    /**
     * @param  array{id: string, section: array{thickness: float}, each: array{plugs?: array{positions: list<array{float, float}>}, fillets?: list<array{from?: array{float, float}, to?: array{float, float}}>}}  $part
     * @return list<Sentence>
     */
    private static function buckling(SpliceSite $site, array $part): array
    {
        $held = array_map(fn (array $at): float => $at[0], $part['each']['plugs']['positions'] ?? []);
        $gap = self::largest($held);
        foreach ($part['each']['fillets'] ?? [] as $run) {
            // A run from end to end holds the plate all along.
            $gap = isset($run['from'], $run['to']) && $run['to'][0] - $run['from'][0] > 100.0 ? 0.0 : max($gap, self::between($part['each']['fillets'] ?? []));
        }
        $allowed = min(self::FARTHEST_MM, self::SLENDER * $part['section']['thickness'] * sqrt(self::ELASTIC_MPA / $site->yield));

        return $gap > $allowed ? [Sentence::of('splice.buckles', 'Between what holds it the {part} is free over {gap}, more than the {allowed} at which it would buckle on the compressed side.', part: $part['id'], gap: Measure::computed($gap), allowed: Measure::computed($allowed))] : [];
    }

    /**
     * @param  array{id: string, section: array{depth?: float}, each: array{length: float, plugs?: array{diameter: float, positions: list<array{float, float}>}}}  $part
     * @return list<Sentence>
     */
    private static function edges(array $part): array
    {
        $plugs = $part['each']['plugs'] ?? null;
        if ($plugs === null || ! isset($part['section']['depth'])) {
            return [];
        }
        $least = min([INF, ...array_map(fn (array $at): float => min($at[0], $part['each']['length'] - $at[0], $part['section']['depth'] / 2 - abs($at[1])), $plugs['positions'])]);
        $asked = self::EDGE * $plugs['diameter'];

        return $least < $asked - 1e-6 ? [Sentence::of('splice.edge', 'A plug of the {part} stands {least} from an edge; {asked} is asked, 1.5 of its diameter.', part: $part['id'], least: Measure::computed($least), asked: Measure::computed($asked))] : [];
    }

    /**
     * Plugs fill their holes; until they are filled, and where one was missed, the net section counts.
     *
     * @param  array{id: string, section: array{depth?: float}, each: array{plugs?: array{diameter: float, positions: list<array{float, float}>}}}  $part
     * @return list<Sentence>
     */
    private static function net(SpliceSite $site, array $part): array
    {
        $plugs = $part['each']['plugs'] ?? null;
        $depth = $part['section']['depth'] ?? 0.0;
        if ($plugs === null || $depth <= 0.0) {
            return [];
        }
        $columns = array_count_values(array_map(fn (array $at): string => (string) round($at[0], 1), $plugs['positions']));
        $share = 1.0 - max([0, ...array_values($columns)]) * $plugs['diameter'] / $depth;

        return $share < 0.5 ? [Sentence::of('splice.net', 'With its holes open the {part} keeps {share} of its height: fill every one, and never cut them all at once.', part: $part['id'], share: sprintf('%.0f %%', 100 * $share))] : [];
    }

    /** @param  list<float>  $stations */
    private static function largest(array $stations): float
    {
        $stations = array_values(array_unique($stations));
        sort($stations);
        // From its foremost plug to the joint, where the other side begins, lies twice that distance.
        $gaps = $stations === [] ? [0.0] : [2 * $stations[0]];
        foreach (array_slice($stations, 1) as $i => $station) {
            $gaps[] = $station - $stations[$i];
        }

        return max($gaps);
    }

    /** @param  list<array{from?: array{float, float}, to?: array{float, float}}>  $stitches */
    private static function between(array $stitches): float
    {
        $ends = [];
        foreach ($stitches as $one) {
            $ends[(string) round($one['from'][0] ?? 0.0, 1)] = [$one['from'][0] ?? 0.0, $one['to'][0] ?? 0.0];
        }
        ksort($ends, SORT_NUMERIC);
        $ends = array_values($ends);
        $gap = 2 * ($ends[0][0] ?? 0.0);
        for ($i = 1; $i < count($ends); $i++) {
            $gap = max($gap, $ends[$i][0] - $ends[$i - 1][1]);
        }

        return $gap;
    }
}
