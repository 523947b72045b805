<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Words\Sentence;

/** The wrong hole: the mate of a point, or a neighbour, read in its place. */
final readonly class OtherPoint implements Cause
{
    private const NEIGHBOURS = 4;

    public function forms(Reading $reading, Frame $frame, array $at, float $true): array
    {
        $kind = $reading->kind;
        $causes = [];
        foreach ($kind->points() as $id) {
            foreach ($this->others($id, $frame, $at) as $other) {
                $points = array_map(fn (string $named): string => $named === $id ? $other : $named, $kind->points());
                if (count(array_unique($points)) < count($points)) {
                    continue;
                }
                try {
                    $would = $kind->at($points)->linearise($at)->predicted;
                } catch (DegenerateGeometry) {
                    continue;
                }
                $causes[] = new LikelyCause(CauseKind::OtherPoint, $would - $true, Sentence::of('cause.other-point', 'Wrong hole: {other} was probably read in place of {point} ({points} would fit).', other: $other, point: $id, points: implode(' – ', $points)), $points);
            }
        }

        return $causes;
    }

    /**
     * @param  array<string, Vector3>  $at
     * @return list<string> the mate and the nearest others
     */
    private function others(string $id, Frame $frame, array $at): array
    {
        $near = [];
        foreach ($at as $other => $place) {
            if ((string) $other !== $id) {
                $near[(string) $other] = $place->minus($at[$id])->norm();
            }
        }
        asort($near);
        $others = array_map(strval(...), array_slice(array_keys($near), 0, self::NEIGHBOURS));
        $mate = $frame->point($id)->mate;

        return $mate === null || in_array($mate, $others, true) || ! isset($at[$mate]) ? $others : [$mate, ...$others];
    }
}
