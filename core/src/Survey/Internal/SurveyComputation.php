<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\LeastSquaresSolver;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Covariance;
use Geodex\Core\Survey\Datum\BaseTester;
use Geodex\Core\Survey\Datum\DatumChoice;
use Geodex\Core\Survey\Explanation\Explained;
use Geodex\Core\Survey\Explanation\ExplanationFinder;
use Geodex\Core\Survey\NetworkSummary;
use Geodex\Core\Survey\PointJudge;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\ReadingJudge;
use Geodex\Core\Survey\RigidMotionFitter;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;

/** One survey computed, with its time running. docs/formulas.md, "Survey". */
final readonly class SurveyComputation
{
    /** Sums nearer than this are the same minimum seen in a mirror; the one nearest to the chart is taken. */
    private const SAME_SUM = 1e-6;

    /** χ² of one degree of freedom at 95 %. */
    private const AS_WELL = 3.84;

    private NetworkSolver $networks;

    private ExplanationFinder $explanations;

    private StartBuilder $start;

    private FoldFinder $folds;

    public function __construct(private SurveyOptions $options, LeastSquaresSolver $solver)
    {
        $adjuster = new NetworkAdjuster($solver, $options->budget);
        $this->networks = new NetworkSolver($solver, $adjuster, new DatumChooser(new RigidMotionFitter));
        $this->start = new StartBuilder($adjuster);
        $this->explanations = new ExplanationFinder($solver, $adjuster, $this->start, $options);
        $this->folds = new FoldFinder($adjuster);
    }

    /**
     * @throws CannotComputeSurvey if the readings give no usable answer
     * @throws OutOfTime
     * @throws UnknownPoint if a reading names a point that the frame does not have
     */
    public function compute(Frame $frame, Survey $survey): SurveyResult
    {
        $readings = $survey->readingsInUse();
        if ($readings === []) {
            throw CannotComputeSurvey::empty($survey->id);
        }
        $explained = $this->explanations->find($frame, $readings);
        $base = $this->base($frame, $survey);
        $network = new Network($explained->kept, $explained->start, $explained->network->columns);
        $solved = $this->networks->solve($network, $explained->start, $base);
        [$solved, $folds] = $this->unfolded($frame, $solved, $base);
        $choices = $this->choices($solved, $base, $survey);
        if ($choices[0]->doubtful !== []) {
            $solved = $this->networks->relaid($solved, array_intersect_key($base, array_flip($choices[0]->base)));
        }

        return $this->result(frame: $frame, survey: $survey, solved: $solved, explained: $explained, choices: $choices, folds: $folds, base: $base);
    }

    /**
     * Positions of a frame that no chart places, in the axes of the bench as far as the readings know them.
     *
     * @return array<string, Vector3> mm
     *
     * @throws CannotComputeSurvey
     * @throws OutOfTime
     */
    public function positions(Frame $frame, Survey $survey): array
    {
        return $this->start->complete($frame, $survey->readingsInUse(), []);
    }

    /**
     * The same for points that lie in one plane, from the lengths in it alone.
     *
     * @return array<string, Vector3> mm
     *
     * @throws CannotComputeSurvey
     * @throws OutOfTime
     */
    public function planePositions(Frame $frame, Survey $survey): array
    {
        return $this->start->inPlane($frame, $survey->readingsInUse());
    }

    /** @return array<string, Vector3> chart positions of the base points that may carry the datum (mm) */
    private function base(Frame $frame, Survey $survey): array
    {
        $base = [];
        $out = $survey->decided(false);
        foreach ($frame->points as $point) {
            if ($point->reference !== null && ($point->base || in_array($point->id, $survey->decided(true), true)) && ! in_array($point->id, $out, true)) {
                $base[$point->id] = $point->reference;
            }
        }

        return $base;
    }

    /**
     * The solution that fits best, or of two mirror images of each other the one nearer to the chart; and the other ones that fit as well.
     *
     * @param  array<string, Vector3>  $base
     * @return array{SolvedNetwork, list<array{list<string>, array<string, Vector3>}>} with the points that each other one folds
     */
    private function unfolded(Frame $frame, SolvedNetwork $solved, array $base): array
    {
        $sum = array_sum(array_map(fn (float $w): float => $w * $w, $solved->adjustment->misclosures));
        $found = $this->folds->find($frame, $solved->network, $solved->bench, $sum);
        $ways = [];
        foreach ($found as [$points, $adjustment, $theirs]) {
            $better = $theirs < $sum - self::AS_WELL || (abs($theirs - $sum) <= self::SAME_SUM && $this->off($frame, $adjustment->at, $base) < $this->off($frame, $solved->bench, $base));
            if ($better) {
                $ways[] = [$points, $solved->bench, $sum];
                $solved = $this->networks->solve($solved->network, $adjustment->at, $base);
                $sum = $theirs;
            } else {
                $ways[] = [$points, $adjustment->at, $theirs];
            }
        }
        $as = array_values(array_filter($ways, fn (array $way): bool => $way[2] <= $sum + self::AS_WELL));

        return [$solved, array_map(fn (array $way): array => [$way[0], $way[1]], $as)];
    }

    /**
     * Sum of squares off the chart once laid on it.
     *
     * @param  array<string, Vector3>  $at
     * @param  array<string, Vector3>  $base
     */
    private function off(Frame $frame, array $at, array $base): float
    {
        $ids = array_map(strval(...), array_keys(array_intersect_key($base, $at)));
        $motion = (new RigidMotionFitter)->fit(array_map(fn (string $id): Vector3 => $at[$id], $ids), array_map(fn (string $id): Vector3 => $base[$id], $ids));
        $sum = 0.0;
        foreach ($frame->points as $point) {
            if ($point->reference !== null && isset($at[$point->id])) {
                $sum += $motion->apply($at[$point->id])->minus($point->reference)->norm() ** 2;
            }
        }

        return $sum;
    }

    /**
     * @param  array<string, Vector3>  $base
     * @return non-empty-list<DatumChoice>
     */
    private function choices(SolvedNetwork $solved, array $base, Survey $survey): array
    {
        $firm = array_intersect_key($base, array_flip($solved->datum->base));

        return $this->options->testsBase
            ? (new BaseTester($this->options))->choices($solved->network, $solved->chart, $solved->cofactors, $firm, $survey->decided(true))
            : [new DatumChoice($solved->datum->base, [])];
    }

    /**
     * @param  non-empty-list<DatumChoice>  $choices
     * @param  list<array{list<string>, array<string, Vector3>}>  $folds
     * @param  array<string, Vector3>  $base
     */
    private function result(Frame $frame, Survey $survey, SolvedNetwork $solved, Explained $explained, array $choices, array $folds, array $base): SurveyResult
    {
        $motions = new RigidMotions($solved->network, $solved->chart, $solved->datum->base);
        $summary = $this->summary($solved);
        $covariance = new Covariance(
            $solved->network->columns,
            $this->widened($motions->covariance($solved->cofactors), $summary),
            $motions,
            array_values(array_filter(
                array_map($motions->heldOnBase(...), $solved->free),
                fn (array $direction): bool => max([0.0, ...array_map(abs(...), $direction)]) > DatumChooser::FIRM,
            )),
            $this->referenceCovariance($frame, $solved, $motions),
            unread: $solved->unread(),
        );
        $alternatives = (new AlternativeFinder($this->options))->find($solved, $explained, $choices, $folds, $base, $summary);
        $judge = new PointJudge($this->options);

        return new SurveyResult(
            network: $summary,
            points: array_map(fn ($point): PointResult => $judge->judge($point, $solved->chart[$point->id] ?? null, $covariance, $alternatives, $explained->beyond), $frame->points),
            readings: (new ReadingJudge($this->options))->judge($survey, $solved, $explained->explanations[0]),
            base: $solved->datum->base,
            covariance: $covariance,
            solved: $solved,
            explanations: $explained->explanations,
            alternatives: $alternatives,
            choices: $choices,
            beyond: $explained->beyond,
        );
    }

    /**
     * Readings that scatter more than their tools claim make all intervals wider; they never make them narrower.
     *
     * @param  array<int, array<int, float>>  $matrix
     * @return array<int, array<int, float>>
     */
    private function widened(array $matrix, NetworkSummary $summary): array
    {
        $factor = $summary->widening() ** 2;

        return $factor <= 1.0 ? $matrix : array_map(fn (array $row): array => array_map(fn (float $value): float => $factor * $value, $row), $matrix);
    }

    /**
     * Of a reference that was measured itself: all of its covariance laid on the base points that carry this datum, or what single points
     * are unsure of where no more is known.
     *
     * @return array<int, array<int, float>> mm²
     */
    private function referenceCovariance(Frame $frame, SolvedNetwork $solved, RigidMotions $motions): array
    {
        if ($frame->referenceCovariance !== null) {
            return $motions->covariance($frame->referenceCovariance->onColumns($solved->network->columns));
        }
        $covariance = [];
        foreach ($solved->network->columns as $id => $column) {
            foreach ($frame->point((string) $id)->referenceSigma?->toArray() ?? [] as $axis => $sigma) {
                $covariance[$column + $axis][$column + $axis] = $sigma ** 2;
            }
        }

        return $covariance;
    }

    private function summary(SolvedNetwork $solved): NetworkSummary
    {
        $sum = 0.0;
        foreach ($solved->adjustment->misclosures as $misclosure) {
            $sum += $misclosure ** 2;
        }
        $readings = count($solved->network->readings);
        $redundancy = $readings - $solved->network->unknowns() + count($solved->free);

        return new NetworkSummary(
            readings: $readings,
            unknowns: $solved->network->unknowns(),
            gauge: count($solved->free),
            redundancy: $redundancy,
            varianceFactor: $redundancy > 0 ? $sum / $redundancy : null,
            iterations: $solved->iterations,
            consistent: ChiSquareTest::passes($sum, $redundancy),
        );
    }
}
