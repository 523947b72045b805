<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Findings\Assessment;
use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\HeldPull;
use Geodex\Core\Findings\PullCheck;
use Geodex\Core\Findings\PullPart;
use Geodex\Core\Findings\PullStep;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Cause\LikelyCause;
use Geodex\Core\Survey\Datum\DoubtfulBase;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Explanation\Mistake;
use Geodex\Core\Survey\Forecast;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Outcome;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\ReadingResult;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;

/** The result of a survey as one open document; mm and degrees. */
final readonly class SurveyDocument
{
    private const NOTHING_MM = 1e-4;

    /** @return array<string, mixed> */
    public function of(Survey $survey, Assessment $assessment, Forecast $forecast, float $milliseconds): array
    {
        return [
            'survey' => $survey->id,
            'against' => $assessment->against->value,
            'network' => [...get_object_vars($assessment->survey->network), 'widening' => round($assessment->survey->network->widening(), 4)],
            'base' => $assessment->survey->base,
            'doubtfulBase' => array_map(fn (DoubtfulBase $one): array => ['id' => $one->id, 'off' => $this->rounded($one->off), 'text' => $one->text()->in(LengthUnit::Millimetre)], $assessment->survey->doubtfulBase()),
            'explanations' => array_map($this->explanation(...), $assessment->survey->explanations),
            'beyond' => $assessment->survey->beyond,
            'points' => array_map($this->point(...), $assessment->survey->points),
            'readings' => array_map($this->reading(...), $assessment->survey->readings),
            'findings' => array_map($this->finding(...), $assessment->findings),
            'next' => array_map($this->next(...), $assessment->next),
            'fit' => ['state' => $assessment->fit->state->value, 'reasons' => array_map(fn (Sentence $reason): string => $reason->in(LengthUnit::Millimetre), $assessment->fit->reasons)],
            'pulls' => array_map($this->pull(...), $assessment->pulls),
            'held' => array_map(fn (HeldPull $one): array => ['what' => $one->what->in(LengthUnit::Millimetre), 'until' => $one->until->in(LengthUnit::Millimetre)], $assessment->held),
            'chartDoubts' => array_map(fn (ChartDoubt $doubt): array => [...get_object_vars($doubt), 'kind' => $doubt->kind->value, 'text' => $doubt->text->in(LengthUnit::Millimetre)], $assessment->doubts),
            'progress' => ['coordinates' => $forecast->coordinates, 'settled' => $forecast->settled, 'toGo' => $forecast->toGo, 'tooClose' => $forecast->tooClose],
            'milliseconds' => round($milliseconds, 2),
        ];
    }

    /** @return array<string, mixed> */
    private function point(PointResult $point): array
    {
        return [
            'id' => $point->id,
            'measured' => $this->rounded($point->measured),
            'sigma' => $this->sigma($point),
            'deviation' => $this->rounded($point->deviation),
            'determined' => $point->determined,
            'verdict' => $point->verdict->value,
            'verdicts' => $point->axes === [] ? [$point->verdict->value, $point->verdict->value, $point->verdict->value] : array_map(fn (Verdict $verdict): string => $verdict->value, $point->axes),
            'reason' => $point->reason()?->value,
            'hull' => $point->hull === [] ? null : array_map(fn (array $hull): array => array_map(fn (float $mm): ?float => is_finite($mm) ? round($mm, 4) : null, $hull), $point->hull),
        ];
    }

    /** @return ?list<?float> mm, null along an axis of which the readings say nothing at all */
    private function sigma(PointResult $point): ?array
    {
        $rounded = $this->rounded($point->sigma);

        return $rounded === null ? null : array_map(fn (float $mm, bool $determined): ?float => $mm < self::NOTHING_MM && ! $determined ? null : $mm, $rounded, $point->determined ?? [false, false, false]);
    }

    /** @return array<string, mixed> */
    private function explanation(Explanation $explanation): array
    {
        return [
            'suspects' => $explanation->suspects(),
            'weightedSum' => round($explanation->weightedSum, 4),
            'mistakes' => array_map(fn (Mistake $mistake): array => ['reading' => $mistake->reading, 'error' => round($mistake->error, 4), 'hint' => $this->hint($mistake->causes)], $explanation->mistakes),
        ];
    }

    /**
     * Where two causes fit about equally, both are told.
     *
     * @param  list<LikelyCause>  $causes
     */
    private function hint(array $causes): ?string
    {
        return $causes === [] ? null : implode(' Or: ', array_map(fn (LikelyCause $cause): string => $cause->text->in(LengthUnit::Millimetre), $causes));
    }

    /** @return array<string, mixed> */
    private function pull(PullStep $step): array
    {
        return [
            'order' => $step->order,
            'section' => $step->section->value,
            'pattern' => $step->pattern->value,
            'points' => $step->points,
            'amount' => round($step->amount, 2),
            'direction' => $step->direction,
            'parts' => array_map(fn (PullPart $part): array => ['points' => $part->points, 'direction' => $part->way->value, 'amount' => round($part->amount, 3)], $step->parts),
            'checks' => array_map(fn (PullCheck $check): array => ['kind' => $check->kind, 'call' => $check->call, 'now' => round($check->now, 3), 'target' => round($check->target, 3)], $step->checks),
        ];
    }

    /** @return array<string, mixed> */
    private function reading(ReadingResult $reading): array
    {
        $round = fn (?float $value): ?float => $value === null ? null : round($value, 4);

        return [
            'id' => $reading->id,
            'adjusted' => $round($reading->adjusted),
            'residual' => $round($reading->residual),
            'redundancy' => $round($reading->redundancy),
            'standardised' => $round($reading->standardised),
            'status' => $reading->status->value,
            'error' => $round($reading->error),
            'hint' => $this->hint($reading->causes),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(Finding $finding): array
    {
        return [
            'pattern' => $finding->pattern->value,
            'section' => $finding->section->value,
            'side' => $finding->side,
            'amount' => round($finding->amount, 4),
            'sigma' => round($finding->sigma, 4),
            'significant' => $finding->significant,
            'text' => $finding->text->in(LengthUnit::Millimetre),
        ];
    }

    /** @return array<string, mixed> */
    private function next(NextReading $next): array
    {
        $points = count($next->points) === 2 ? ['from' => $next->points[0], 'to' => $next->points[1]] : ['point' => $next->points[0]];

        return ['kind' => $next->kind, ...$points, 'expected' => $next->expected === null ? null : round($next->expected, 2), 'gain' => round($next->gain, 4), 'because' => $next->because->value, 'outcomes' => array_map(fn (Outcome $outcome): array => ['value' => round($outcome->value, 2), 'wrong' => $outcome->wrong, 'folded' => $outcome->folded], $next->outcomes)];
    }

    /** @return ?array{float, float, float} */
    private function rounded(?Vector3 $vector): ?array
    {
        return $vector === null ? null : [round($vector->x, 5), round($vector->y, 5), round($vector->z, 5)];
    }
}
