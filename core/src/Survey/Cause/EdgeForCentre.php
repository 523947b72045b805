<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Reading;

/** The edge of a hole, bolt or pin taken for its centre at one end, or edges at both ends. */
final readonly class EdgeForCentre implements Cause
{
    public function forms(Reading $reading, Frame $frame, array $at, float $true): array
    {
        if ($reading->kind::quantity() !== 'length') {
            return [];
        }
        $radii = [];
        foreach ($reading->kind->points() as $id) {
            $diameter = $frame->point($id)->feature?->diameter;
            if ($diameter !== null) {
                $radii[$id] = $diameter->mm / 2;
            }
        }
        $causes = [];
        foreach ([1 => 'far', -1 => 'near'] as $sign => $edge) {
            foreach ($radii as $id => $radius) {
                $causes[] = new LikelyCause('edge', $sign * $radius, sprintf('Taken to the %s edge of %s instead of its centre (radius %g mm).', $edge, $id, round($radius, 2)));
            }
            if (count($radii) === 2) {
                $causes[] = new LikelyCause('edge', $sign * array_sum($radii), sprintf('Taken between the %s edges of %s instead of the centres (radii %g mm together).', $edge, implode(' and ', array_keys($radii)), round(array_sum($radii), 2)));
            }
        }

        return $causes;
    }
}
