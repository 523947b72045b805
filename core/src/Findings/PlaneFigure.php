<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Bench\PanelLengths;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Reading\PlanReading;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reason;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * Four points and the lengths between them, with no chart and no height: taken as one plane, five lengths make the figure and the sixth
 * checks it. In space six lengths would fit any four points, so that nothing would be checked at all.
 */
final readonly class PlaneFigure
{
    private const POINTS = 4;

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /** Whether a frame without a chart is just that. */
    public function is(Frame $frame, Survey $survey): bool
    {
        $points = $pairs = [];
        foreach ($survey->readingsInUse() as $reading) {
            if (! $reading->kind::isDistance()) {
                return false;
            }
            $ends = $reading->kind->points();
            sort($ends);
            $pairs[implode(' ', $ends)] = true;
            $points += array_fill_keys($ends, true);
        }

        return $frame->isUncharted() && count($points) === self::POINTS && count($pairs) === 6;
    }

    /** @throws CoreFailure if the lengths make no figure */
    public function assess(Frame $frame, Survey $survey): Assessment
    {
        $inPlan = array_map(fn (Reading $reading): Reading => new Reading(
            id: $reading->id,
            kind: PlanReading::between($reading->kind->points(), null),
            value: $reading->value,
            sigma: $reading->sigma,
            struckBecause: $reading->struckBecause,
            asRead: $reading->asRead,
        ), array_values(array_filter($survey->readings, fn (Reading $reading): bool => $reading->kind::isDistance())));
        $plane = new Survey($survey->id, $survey->stage, $inPlan, $survey->blocked, toTarget: $survey->toTarget);
        $computer = (new SurveyComputer($this->options->withoutBaseTest()))->timed();
        $at = $computer->planePositions($frame, $plane);
        $laid = new Frame(array_map(fn (Point $point): Point => $point->at($at[$point->id] ?? null, null, isset($at[$point->id])), $frame->points), $frame->axles, $frame->carried);
        $result = $computer->compute($laid, $plane);
        $points = array_map(fn (PointResult $point): PointResult => $point->measured === null ? $point : new PointResult($point->id, $point->measured, $point->sigma, null, [true, true, false], [], Verdict::Unsure, [Reason::NoChart], expanded: $point->expanded), $result->points);
        $result = new SurveyResult(
            network: $result->network,
            points: $points,
            readings: $result->readings,
            base: $result->base,
            covariance: $result->covariance,
            solved: $result->solved,
            explanations: $result->explanations,
            alternatives: $result->alternatives,
            choices: $result->choices,
            beyond: $result->beyond,
        );

        return new Assessment(
            frame: $frame,
            against: Held::Plane,
            survey: $result,
            findings: [],
            next: [],
            doubts: [],
            pulls: [],
            held: [],
            fit: new FitVerdict(FitState::Undecided, $this->reasons($frame, $result, $inPlan)),
        );
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<Sentence>
     */
    private function reasons(Frame $frame, SurveyResult $result, array $readings): array
    {
        $max = max([0.0, ...array_map(fn ($reading): float => abs($reading->residual ?? 0.0), $result->readings)]);
        $reasons = [Sentence::of('plane.figure', 'Four points and six lengths are taken as one plane: five lengths make the figure, the sixth checks it, and no reading is off by more than {most}. Heights do not show.', most: Measure::computed($max))];
        $square = $this->square($frame, $readings);

        return $square === null ? $reasons : [...$reasons, $square];
    }

    /**
     * @param  list<Reading>  $readings
     * @return ?Sentence what the diagonals say, where two mates stand on either side
     */
    private function square(Frame $frame, array $readings): ?Sentence
    {
        $length = [];
        $used = [];
        foreach ($readings as $reading) {
            if (! $reading->isStruck()) {
                $ends = $reading->kind->points();
                $used += array_fill_keys($ends, true);
                $length["$ends[0] $ends[1]"] = $length["$ends[1] $ends[0]"] = $reading->value;
            }
        }
        $left = array_values(array_filter($frame->points, fn (Point $point): bool => isset($used[$point->id]) && $point->side === Side::Left && $point->mate !== null && isset($used[$point->mate])));
        if (count($left) !== 2) {
            return null;
        }
        [$fl, $rl, $fr, $rr] = [$left[0]->id, $left[1]->id, (string) $left[0]->mate, (string) $left[1]->mate];
        try {
            $plan = (new SquarePlanner)->plan(new PanelLengths(
                front: $length["$fl $fr"],
                rear: $length["$rl $rr"],
                left: $length["$fl $rl"],
                right: $length["$fr $rr"],
                diagonalA: $length["$fl $rr"],
                diagonalB: $length["$fr $rl"],
            ), max($left[0]->tolerance->mm));
        } catch (CoreFailure) {
            return null;
        }

        return $plan->text;
    }
}
