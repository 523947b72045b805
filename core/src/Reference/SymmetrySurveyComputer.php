<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\PointJudge;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\ReadingResult;
use Geodex\Core\Survey\ReadingStatus;
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
    private SurveyComputer $computer;

    public function __construct(private SurveyOptions $options = new SurveyOptions)
    {
        $this->computer = new SurveyComputer($options);
    }

    /** @throws CannotComputeSurvey if the readings do not place the points, or fewer than three pairs are read */
    public function compute(Frame $frame, Survey $survey): MirroredSurvey
    {
        $at = (new BenchPositions($this->computer))->of($frame, $survey);
        $mirrored = $this->withMirrorReference($frame, $survey, $at);
        $result = $this->computer->compute($mirrored, $survey);
        if (array_filter($result->readings, fn (ReadingResult $reading): bool => $reading->status === ReadingStatus::Suspect) !== []) {
            // Once more from the positions without the suspects, which bent the first image.
            $mirrored = $this->withMirrorReference($frame, $survey, $result->solved->bench);
            $result = $this->computer->compute($mirrored, $survey);
        }

        return new MirroredSurvey($mirrored, $this->judged($mirrored, $result));
    }

    /** @param  array<string, Vector3>  $at */
    private function withMirrorReference(Frame $frame, Survey $survey, array $at): Frame
    {
        $pairs = MirrorPairs::of($frame, $at);
        $motion = (new MirrorPlane)->axes(
            array_map(fn (array $pair): array => [$at[$pair[0]], $at[$pair[1]]], $pairs->holding($frame)),
            BenchPositions::knowUp($survey) ? Vector3::of(0, 0, 1) : null,
            $pairs->front($at),
        );
        $laid = array_map($motion->apply(...), $at);
        $points = [];
        foreach ($frame->points as $point) {
            $points[] = $point->at(isset($laid[$point->id]) ? $this->image($point, $laid, $pairs) : null, null, $pairs->isHolding($frame, $point->id));
        }

        return new Frame($points, $frame->axles, $frame->carried);
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

    private function judged(Frame $frame, SurveyResult $result): SurveyResult
    {
        $deviations = (new MirrorDeviations)->of($frame, $result);
        $judge = new PointJudge($this->options);
        $points = array_map(fn (Point $point): PointResult => $judge->judge($point, $result->solved->chart[$point->id] ?? null, $deviations), $frame->points);

        return new SurveyResult($result->network, $points, $result->readings, $result->base, $deviations, $result->solved);
    }
}
