<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\LinearAlgebra\LeastSquaresSolver;
use Geodex\Core\Survey\Internal\ChiSquareTest;
use Geodex\Core\Survey\Internal\DatumChooser;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Internal\NetworkSolver;
use Geodex\Core\Survey\Internal\RigidMotions;
use Geodex\Core\Survey\Internal\SolvedNetwork;
use Geodex\Core\Survey\Internal\StartBuilder;
use Geodex\Core\Survey\Internal\SuspectFinder;
use Geodex\Core\Survey\Reading\Reading;

/** Turns the readings of one survey into positions, their uncertainty, suspects and verdicts. docs/formulas.md, "Survey". */
final readonly class SurveyComputer
{
    private NetworkSolver $networks;

    private SuspectFinder $suspects;

    private StartBuilder $start;

    public function __construct(private SurveyOptions $options = new SurveyOptions, LeastSquaresSolver $solver = new EnvelopeSolver)
    {
        $adjuster = new NetworkAdjuster($solver);
        $this->networks = new NetworkSolver($solver, $adjuster, new DatumChooser(new RigidMotionFitter));
        $this->suspects = new SuspectFinder($adjuster, $options);
        $this->start = new StartBuilder($adjuster);
    }

    /**
     * @throws CannotComputeSurvey if the readings give no usable answer
     * @throws UnknownPoint if a reading names a point that the frame does not have
     */
    public function compute(Frame $frame, Survey $survey): SurveyResult
    {
        $readings = $survey->readingsInUse();
        if ($readings === []) {
            throw CannotComputeSurvey::empty($survey->id);
        }
        $chart = $this->start->complete($frame, $readings, $this->chart($frame, $readings));
        $base = array_filter($chart, fn (string|int $id): bool => $frame->point((string) $id)->base && $frame->point((string) $id)->reference !== null, ARRAY_FILTER_USE_KEY);
        $solved = $this->networks->solve(new Network($readings, $chart), $chart, $base, SuspectFinder::NEAR_ENOUGH_MM);
        $suspects = array_map(fn (int $i): string => $readings[$i]->id, $this->suspects->find($solved));
        if ($suspects === []) {
            $solved = $this->networks->finish($solved, $base);
        } else {
            $kept = array_values(array_filter($readings, fn (Reading $reading): bool => ! in_array($reading->id, $suspects, true)));
            $solved = $this->networks->solve(new Network($kept, $solved->bench), $solved->bench, $base);
        }

        return $this->result($frame, $survey, $solved, $suspects);
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
        return $this->start->complete($frame, $survey->readingsInUse(), []);
    }

    /**
     * @param  list<Reading>  $readings
     * @return array<string, Vector3> chart position of every point that has one
     *
     * @throws UnknownPoint
     */
    private function chart(Frame $frame, array $readings): array
    {
        $chart = [];
        foreach ($frame->points as $point) {
            if ($point->reference !== null) {
                $chart[$point->id] = $point->reference;
            }
        }
        foreach ($readings as $reading) {
            array_map($frame->point(...), $reading->kind->points());
        }

        return $chart;
    }

    /** @param  list<string>  $suspects */
    private function result(Frame $frame, Survey $survey, SolvedNetwork $solved, array $suspects): SurveyResult
    {
        $motions = new RigidMotions($solved->network, $solved->chart, $solved->datum->base);
        $covariance = new Covariance(
            $solved->network->columns,
            $motions->covariance($solved->cofactors),
            $motions,
            array_values(array_filter(
                array_map($motions->heldOnBase(...), $solved->free),
                fn (array $direction): bool => max([0.0, ...array_map(abs(...), $direction)]) > DatumChooser::FIRM,
            )),
            $this->referenceVariances($frame, $solved),
        );
        $points = [];
        foreach ($frame->points as $point) {
            $points[] = (new PointJudge($this->options))->judge($point, $solved->chart[$point->id] ?? null, $covariance);
        }

        return new SurveyResult(
            $this->summary($solved),
            $points,
            (new ReadingJudge($this->options))->judge($frame, $survey, $solved, $suspects),
            $solved->datum->base,
            $covariance,
            $solved,
        );
    }

    /** @return array<int, float> mm² by column, of points whose reference was measured */
    private function referenceVariances(Frame $frame, SolvedNetwork $solved): array
    {
        $variances = [];
        foreach ($solved->network->columns as $id => $column) {
            foreach ($frame->point((string) $id)->referenceSigma?->toArray() ?? [] as $axis => $sigma) {
                $variances[$column + $axis] = $sigma ** 2;
            }
        }

        return $variances;
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
            $readings,
            $solved->network->unknowns(),
            count($solved->free),
            $redundancy,
            $redundancy > 0 ? $sum / $redundancy : null,
            $solved->iterations,
            ChiSquareTest::passes($sum, $redundancy),
        );
    }
}
