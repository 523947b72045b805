<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\LinearAlgebra\LeastSquaresSolver;
use Geodex\Core\Survey\Internal\OutOfTime;
use Geodex\Core\Survey\Internal\SurveyComputation;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** Turns the readings of one survey into positions, their uncertainty, explanations and verdicts, within the time that it is given. */
final readonly class SurveyComputer implements HasProvenance
{
    /** Readings that are named when the time is up. */
    private const NAMED = 3;

    /** A survey of more readings than this may be too large rather than too contradictory. */
    private const LARGE = 1000;

    public function __construct(private SurveyOptions $options = new SurveyOptions, private LeastSquaresSolver $solver = new EnvelopeSolver) {}

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'deviation',
                title: 'Deviation',
                formula: 'measured − chart, after all readings are adjusted together and the base points are laid on the chart',
                source: 'Least squares: Mikhail & Ackermann, Observations and Least Squares',
                limit: 'Frame taken as stiff while it is read; a chart as good as its sigma says.',
            ),
            new Provenance('expanded', 'Uncertainty', '± 1.96 σ: the true value lies inside in 95 of 100 cases; σ follows from the readings and their own σ', 'S-transformation to the base points, Baarda'),
        ];
    }

    /** The same with its time running from now on: for several computations that make one answer. */
    public function timed(): self
    {
        return new self($this->options->timed(), $this->solver);
    }

    /**
     * @throws CannotComputeSurvey if the readings give no usable answer
     * @throws CoreFailure if a reading names a point that the frame does not have, or one that stands on another
     */
    public function compute(Frame $frame, Survey $survey): SurveyResult
    {
        return $this->inTime($survey, fn (SurveyComputation $computation): SurveyResult => $computation->compute($frame, $survey));
    }

    /**
     * Positions of a frame that no chart places, in the axes of the bench as far as the readings know them.
     *
     * @return array<string, Vector3> mm
     *
     * @throws CannotComputeSurvey
     */
    public function positions(Frame $frame, Survey $survey): array
    {
        return $this->inTime($survey, fn (SurveyComputation $computation): array => $computation->positions($frame, $survey));
    }

    /**
     * The same for points that lie in one plane, from the lengths in it alone.
     *
     * @return array<string, Vector3> mm
     *
     * @throws CannotComputeSurvey
     */
    public function planePositions(Frame $frame, Survey $survey): array
    {
        return $this->inTime($survey, fn (SurveyComputation $computation): array => $computation->planePositions($frame, $survey));
    }

    /**
     * @template T
     *
     * @param  \Closure(SurveyComputation): T  $compute
     * @return T
     *
     * @throws CannotComputeSurvey naming what looks worst, if the time was up
     */
    private function inTime(Survey $survey, \Closure $compute): mixed
    {
        try {
            return $compute(new SurveyComputation($this->options->timed(), $this->solver));
        } catch (OutOfTime $late) {
            $worst = $this->worst($survey, $late->at);
            $readings = count($survey->readingsInUse());

            throw $readings > self::LARGE
                ? CannotComputeSurvey::tooLarge($readings, $this->options->seconds, $worst)
                : CannotComputeSurvey::tooContradictory($worst);
        }
    }

    /**
     * @param  array<string, Vector3>  $at  where the computation stood (mm)
     * @return array<int|string, string> kind and points of the readings furthest off in their own sigmas, by id
     */
    private function worst(Survey $survey, array $at): array
    {
        $off = [];
        foreach ($survey->readingsInUse() as $reading) {
            try {
                $off[$reading->id] = abs($reading->value - $reading->kind->linearise($at)->predicted) / $reading->sigma;
            } catch (CoreFailure) {
                $off[$reading->id] = INF;
            }
        }
        arsort($off);
        $worst = array_slice($off, 0, self::NAMED, true);
        foreach ($survey->readingsInUse() as $reading) {
            if (isset($worst[$reading->id])) {
                $worst[$reading->id] = $reading->kind::name().' '.implode(' – ', $reading->kind->points());
            }
        }

        return array_filter($worst, is_string(...));
    }
}
