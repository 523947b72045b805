<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\AssessSurvey;
use App\Models\Job;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\Verdict;

/** The one thing a job needs next, in a few words. */
final readonly class NextStep
{
    private function __construct(public string $text, public string $href) {}

    public static function of(Job $job, AssessSurvey $assess): self
    {
        $survey = $job->surveys->last();
        if ($survey === null || $job->points->isEmpty()) {
            return new self('Enter the chart', route('job', $job->id));
        }
        $at = route('survey', [$job->id, $survey->code]);
        $assessed = $assess->handle($survey);
        if ($assessed->assessment === null) {
            return new self($assessed->trouble?->getMessage() ?? '', $at);
        }
        $result = $assessed->assessment->survey;
        $suspects = count(array_filter($result->readings, fn ($reading): bool => $reading->status === ReadingStatus::Suspect));
        $open = count(array_filter($result->points, fn ($point): bool => in_array($point->verdict, [Verdict::Unsure, Verdict::Unmeasured], true)));

        return match (true) {
            $suspects > 0 => new self($suspects === 1 ? 'One reading does not fit: take it again or strike it' : "$suspects readings do not fit: take them again or strike them", $at),
            $open > 0 && $assessed->next !== [] => new self("Read on: $open points are not settled", $at),
            $job->operations->isEmpty() => new self('Plan the change', route('plan', $job->id)),
            $job->driveline === null => new self('Enter the driveshaft', route('driveline', $job->id)),
            default => new self('Print the report', route('report', [$job->id, $survey->code])),
        };
    }
}
