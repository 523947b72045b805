<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Survey\SurveyResult;

/** Collects the pairs of mates that are both fully determined, from the front. */
final readonly class PairCollector
{
    /** Mates that the chart puts nearer to each other than this across the frame are no pair. */
    private const NARROWEST_MM = 1.0;

    /** @return list<Pair> by station */
    public function collect(Frame $frame, SurveyResult $result): array
    {
        $measured = [];
        foreach ($result->points as $point) {
            if ($point->isDetermined()) {
                $measured[$point->id] = $point;
            }
        }
        $pairs = [];
        foreach ($frame->points as $left) {
            if ($left->side !== Side::Left || $left->mate === null || ! isset($measured[$left->id], $measured[$left->mate])) {
                continue;
            }
            $right = $frame->point($left->mate);
            [$l, $r] = [$measured[$left->id], $measured[$right->id]];
            if ($left->reference === null || $right->reference === null || $l->deviation === null || $r->deviation === null) {
                continue;
            }
            if (abs($left->reference->y - $right->reference->y) < self::NARROWEST_MM) {
                continue;
            }
            $columns = $result->covariance->columns;
            $pairs[] = new Pair(
                left: $left->id,
                right: $right->id,
                leftChart: $left->reference,
                rightChart: $right->reference,
                leftOff: $l->deviation,
                rightOff: $r->deviation,
                leftColumn: $columns[$left->id],
                rightColumn: $columns[$right->id],
                tolerance: max($left->tolerance->mm),
            );
        }
        usort($pairs, fn (Pair $a, Pair $b): int => $a->station <=> $b->station);

        return $pairs;
    }
}
