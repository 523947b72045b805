<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Findings\Assessment;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Survey\Verdict;

/** Holds a judgement against the truth of a made-up frame. */
final readonly class JudgementScorer
{
    /** A verdict nearer to the tolerance than this is neither right nor wrong (mm). */
    private const CLEARLY_MM = 1.0;

    private SurveyAssessor $assessor;

    public function __construct()
    {
        $this->assessor = new SurveyAssessor;
    }

    /** @param  list<Reading>  $readings */
    public function assess(Frame $frame, array $readings): ?Assessment
    {
        try {
            return $this->assessor->assess($frame, new Survey('study', SurveyStage::Before, $readings));
        } catch (CoreFailure) {
            return null;
        }
    }

    /**
     * @param  list<Reading>  $readings
     * @param  list<string>  $unsound  base points that the truth is not laid on
     */
    public function judge(JudgementCount $count, SimulatedFrame $bent, array $readings, array $unsound = []): ?Assessment
    {
        $count->frames += 1;
        $assessment = $this->assess($bent->frame, $readings);
        if ($assessment === null) {
            $count->refused += 1;

            return null;
        }
        $truth = $this->truth($bent, $unsound);
        $coverage = (new SurveyOptions)->coverage;
        foreach ($assessment->survey->points as $point) {
            if ($point->deviation === null || $point->sigma === null) {
                continue;
            }
            $tolerance = $bent->frame->point($point->id)->tolerance->mm;
            foreach ($point->axes as $axis => $verdict) {
                $true = abs($truth[$point->id]->toArray()[$axis]);
                $count->coordinates += 1;
                $count->decided += $verdict === Verdict::Unsure ? 0 : 1;
                $count->wrong += ($verdict === Verdict::Out && $true <= $tolerance[$axis] - self::CLEARLY_MM) || ($verdict === Verdict::In && $true >= $tolerance[$axis] + self::CLEARLY_MM) ? 1 : 0;
                if ($point->isDetermined()) {
                    $count->intervals += 1;
                    $count->held += abs($point->deviation->toArray()[$axis] - $truth[$point->id]->toArray()[$axis]) <= $coverage * $point->sigma->toArray()[$axis] ? 1 : 0;
                }
            }
        }

        return $assessment;
    }

    /**
     * @param  list<string>  $unsound
     * @return array<string, Vector3> true deviations, laid on the base points (mm)
     *
     * @throws DegenerateGeometry if those are in a line
     */
    private function truth(SimulatedFrame $bent, array $unsound): array
    {
        $chart = fn (Point $point): Vector3 => $point->reference ?? Vector3::of(0, 0, 0);
        $base = array_values(array_filter($bent->frame->points, fn (Point $point): bool => $point->base && ! in_array($point->id, $unsound, true)));
        $motion = (new RigidMotionFitter)->fit(array_map(fn (Point $point): Vector3 => $bent->truth[$point->id], $base), array_map($chart, $base));
        $off = [];
        foreach ($bent->frame->points as $point) {
            $off[$point->id] = $motion->apply($bent->truth[$point->id])->minus($chart($point));
        }

        return $off;
    }

    /** @param  list<string>  $wrong */
    public function tells(Assessment $assessment, array $wrong): bool
    {
        return array_filter($assessment->survey->explanations, fn (Explanation $one): bool => array_diff($wrong, $one->suspects()) === []) !== [];
    }

    public function furthest(Assessment $one, Assessment $other): float
    {
        $max = 0.0;
        foreach ($one->survey->points as $point) {
            $same = $other->survey->point($point->id);
            $max = max($max, $point->measured === null || $same?->measured === null ? INF : $point->measured->minus($same->measured)->norm());
        }

        return $max;
    }
}
