<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Alternative;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Covariance;
use Geodex\Core\Survey\PointJudge;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Survey\SurveyResult;

/**
 * Holds a frame without a chart against its own mirror image. Each point's reference is the middle between it and its mirrored
 * mate, so half of each mismatch shows on either side: symmetry cannot say which of the two moved.
 */
final readonly class SymmetrySurveyComputer
{
    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    /** @throws CannotComputeSurvey if the readings do not place the points, or fewer than three pairs are read */
    public function compute(Frame $frame, Survey $survey): MirroredSurvey
    {
        $computer = (new SurveyComputer($this->options->withoutBaseTest()))->timed();
        $at = (new BenchPositions($computer))->of($frame, $survey);
        $mirrored = $this->withMirrorReference($frame, $survey, $at);
        $result = $computer->compute($mirrored, $survey);
        if ($result->explanations[0]->mistakes !== []) {
            // Once more from the positions without the suspects, which bent the first image.
            $mirrored = $this->withMirrorReference($frame, $survey, $result->solved->bench);
            $result = $computer->compute($mirrored, $survey);
        }

        return new MirroredSurvey($mirrored, $this->judged($frame, $survey, $mirrored, $result));
    }

    /** @param  array<string, Vector3>  $at */
    private function withMirrorReference(Frame $frame, Survey $survey, array $at): Frame
    {
        $pairs = MirrorPairs::of($frame, $at);
        $laid = array_map($this->motion($frame, $survey, $at, $pairs)->apply(...), $at);
        $points = [];
        foreach ($frame->points as $point) {
            $points[] = $point->at(isset($laid[$point->id]) ? $this->image($point, $laid, $pairs) : null, null, $pairs->isHolding($frame, $point->id));
        }

        return new Frame($points, $frame->axles, $frame->carried);
    }

    /** @param  array<string, Vector3>  $at */
    private function motion(Frame $frame, Survey $survey, array $at, MirrorPairs $pairs): RigidMotion
    {
        return (new MirrorPlane)->axes(
            array_map(fn (array $pair): array => [$at[$pair[0]], $at[$pair[1]]], $pairs->holding($frame)),
            BenchPositions::knowUp($survey) ? Vector3::of(0, 0, 1) : null,
            $pairs->front($at),
        );
    }

    /** @param  array<string, Vector3>  $laid */
    private function image(Point $point, array $laid, MirrorPairs $pairs): ?Vector3
    {
        $own = $laid[$point->id];
        if ($point->side === Side::Centre) {
            return Vector3::of($own->x, 0.0, $own->z);
        }
        $mate = $pairs->mate($point->id);

        return $mate === null ? null : $own->plus(MirrorDeviations::mirror($laid[$mate]))->times(0.5);
    }

    private function judged(Frame $frame, Survey $survey, Frame $mirrored, SurveyResult $result): SurveyResult
    {
        $deviations = (new MirrorDeviations)->of($mirrored, $result);
        $judge = new PointJudge($this->options);
        $others = array_map(fn (Alternative $other): Alternative => $this->imaged(
            other: $other,
            frame: $frame,
            survey: $survey,
            mirrored: $mirrored,
            result: $result,
            deviations: $deviations,
        ), $result->alternatives);
        $points = array_map(fn (Point $point): PointResult => $judge->judge($point, $result->solved->chart[$point->id] ?? null, $deviations, $others, $result->beyond), $mirrored->points);

        return new SurveyResult(
            network: $result->network,
            points: $points,
            readings: $result->readings,
            base: $result->base,
            covariance: $deviations,
            solved: $result->solved,
            explanations: $result->explanations,
            alternatives: $others,
            choices: $result->choices,
            beyond: $result->beyond,
        );
    }

    /**
     * Another way to understand the readings, held against its own mirror image: its positions are those of the image told first, plus
     * what they are off their own.
     */
    private function imaged(Alternative $other, Frame $frame, Survey $survey, Frame $mirrored, SurveyResult $result, Covariance $deviations): Alternative
    {
        $pairs = MirrorPairs::of($frame, $other->bench);
        $laid = array_map($this->motion($frame, $survey, $other->bench, $pairs)->apply(...), $other->bench);
        $at = [];
        foreach ($mirrored->points as $point) {
            if ($point->reference !== null && isset($laid[$point->id])) {
                $image = $this->image($point, $laid, $pairs);
                $at[$point->id] = $image === null ? $point->reference : $point->reference->plus($laid[$point->id]->minus($image));
            }
        }
        $variances = [];
        foreach ($other->variances as $column => $variance) {
            $told = max(1e-12, $result->covariance->matrix[$column][$column]);
            $variances[$column] = $deviations->variance($column) * max(1.0, $variance / $told);
        }

        return new Alternative(explanation: $other->explanation, base: $other->base, bench: $other->bench, chart: $at, variances: $variances, folded: $other->folded);
    }
}
