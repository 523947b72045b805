<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Geometry\Vector3;

/** One way in which all that was read can be understood: an explanation, the points that carry the datum, and perhaps a fold. */
final readonly class Alternative
{
    /**
     * @param  int  $explanation  which of the survey's explanations
     * @param  list<string>  $base  points that carry the datum
     * @param  array<string, Vector3>  $bench  positions in the axes of the bench (mm)
     * @param  array<string, Vector3>  $chart  the same, laid on the chart (mm)
     * @param  array<int, float>  $variances  of the deviations by column (mm²), without that of the reference
     * @param  list<string>  $folded  points that stand on the other side of their neighbours
     */
    public function __construct(public int $explanation, public array $base, public array $bench, public array $chart, public array $variances, public array $folded = []) {}

    /** Why a coordinate on which it differs from what is told first is undecided. */
    public function reason(): Reason
    {
        return match (true) {
            $this->explanation > 0 => Reason::Explanations,
            $this->folded !== [] => Reason::Fold,
            default => Reason::Datum,
        };
    }
}
