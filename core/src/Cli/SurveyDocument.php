<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Findings\Assessment;
use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\PullStep;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Forecast;
use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\ReadingResult;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Units\Spoken;

/** The result of a survey as one open document; mm and degrees. */
final readonly class SurveyDocument
{
    /** @return array<string, mixed> */
    public function of(Survey $survey, Assessment $assessment, Forecast $forecast, float $milliseconds): array
    {
        return [
            'survey' => $survey->id,
            'against' => $assessment->mirrored ? 'mirror' : 'chart',
            'network' => get_object_vars($assessment->survey->network),
            'points' => array_map($this->point(...), $assessment->survey->points),
            'readings' => array_map($this->reading(...), $assessment->survey->readings),
            'findings' => array_map($this->finding(...), $assessment->findings),
            'next' => array_map($this->next(...), $assessment->next),
            'fit' => ['state' => $assessment->fit->state, 'reasons' => array_map(fn (string $reason): string => Spoken::in(LengthUnit::Millimetre, $reason), $assessment->fit->reasons)],
            'pulls' => array_map(fn (PullStep $step): array => ['order' => $step->order, 'section' => $step->section->value, 'pattern' => $step->pattern->value, 'points' => $step->points, 'amount' => round($step->amount, 2), 'direction' => $step->direction], $assessment->pulls),
            'chartDoubts' => array_map(fn (ChartDoubt $doubt): array => get_object_vars($doubt), $assessment->doubts),
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
            'sigma' => $this->rounded($point->sigma),
            'deviation' => $this->rounded($point->deviation),
            'determined' => $point->determined,
            'verdict' => $point->verdict->value,
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
            'hint' => $reading->causes === [] ? null : $reading->causes[0]->text,
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
            'text' => Spoken::in(LengthUnit::Millimetre, $finding->text),
        ];
    }

    /** @return array<string, mixed> */
    private function next(NextReading $next): array
    {
        $points = count($next->points) === 2 ? ['from' => $next->points[0], 'to' => $next->points[1]] : ['point' => $next->points[0]];

        return ['kind' => $next->kind, ...$points, 'expected' => $next->expected === null ? null : round($next->expected, 2), 'gain' => round($next->gain, 4), 'because' => $next->because->value];
    }

    /** @return ?array{float, float, float} */
    private function rounded(?Vector3 $vector): ?array
    {
        return $vector === null ? null : [round($vector->x, 5), round($vector->y, 5), round($vector->z, 5)];
    }
}
