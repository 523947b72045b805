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
use Geodex\Core\Survey\Internal\SuspectFinder;
use Geodex\Core\Survey\Reading\Reading;

/** Turns the readings of one survey into positions, their uncertainty, suspects and verdicts. docs/formulas.md, "Survey". */
final readonly class SurveyComputer
{
    private NetworkSolver $networks;

    private SuspectFinder $suspects;

    public function __construct(private SurveyOptions $options = new SurveyOptions, LeastSquaresSolver $solver = new EnvelopeSolver)
    {
        $adjuster = new NetworkAdjuster($solver);
        $this->networks = new NetworkSolver($solver, $adjuster, new DatumChooser(new RigidMotionFitter));
        $this->suspects = new SuspectFinder($adjuster, $options);
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
        $chart = $this->chart($frame, $readings);
        $base = array_filter($chart, fn (string $id): bool => $frame->point($id)->base, ARRAY_FILTER_USE_KEY);
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
     * @param  list<Reading>  $readings
     * @return array<string, Vector3> chart position of every point that has one
     */
    private function chart(Frame $frame, array $readings): array
    {
        $chart = [];
        foreach ($frame->points as $point) {
            if ($point->reference !== null) {
                $chart[$point->id] = $point->reference;
            }
        }
        $without = [];
        foreach ($readings as $reading) {
            foreach ($reading->kind->points() as $id) {
                if ($frame->point($id)->reference === null) {
                    $without[$id] = $id;
                }
            }
        }

        return $without === [] ? $chart : throw CannotComputeSurvey::withoutChart(array_values($without));
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
