<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

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
                $causes[] = new LikelyCause(CauseKind::Edge, $sign * $radius, Sentence::of('cause.edge', 'Taken to the {edge} edge of {point} instead of its centre (radius {radius}).', edge: $edge, point: (string) $id, radius: Measure::given($radius)));
            }
            if (count($radii) === 2) {
                $causes[] = new LikelyCause(CauseKind::Edge, $sign * array_sum($radii), Sentence::of('cause.edges', 'Taken between the {edge} edges of {points} instead of the centres (radii {radii} together).', edge: $edge, points: implode(' and ', array_keys($radii)), radii: Measure::given(array_sum($radii))));
            }
        }

        return $causes;
    }
}
