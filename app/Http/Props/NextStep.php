<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\AssessSurvey;
use App\Models\Job;
use App\Models\Survey;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\Verdict;
use Illuminate\Support\Facades\Cache;

/** The one thing a job needs next, in a few words. */
final readonly class NextStep
{
    private const KEPT_SECONDS = 604_800;

    private function __construct(public string $text, public string $href) {}

    public static function of(Job $job, AssessSurvey $assess): self
    {
        $survey = $job->surveys->last();
        if ($survey === null || $job->points->isEmpty()) {
            return new self('Enter the chart', route('reference', $job->id));
        }
        $at = route('survey', [$job->id, $survey->code]);
        // A list of fifty jobs does not compute fifty surveys: the revision says whether anything changed.
        [$trouble, $suspects, $ways, $open, $hasNext] = Cache::remember("next-step.2.{$survey->id}.{$survey->revision}", self::KEPT_SECONDS, fn (): array => self::assessed($survey, $assess));
        if ($trouble !== null) {
            return new self($trouble, $at);
        }

        return match (true) {
            $ways > 1 => new self('One of several readings is wrong: take the reading that tells', $at),
            $suspects > 0 => new self($suspects === 1 ? 'One reading does not fit: take it again or strike it' : "$suspects readings do not fit: take them again or strike them", $at),
            $open > 0 && $hasNext => new self("Read on: $open points are not settled", $at),
            $job->operations->isEmpty() => new self('Plan the change', route('plan', $job->id)),
            $job->driveline === null => new self('Enter the driveshaft', route('driveline', $job->id)),
            default => new self('Print the report', route('report', [$job->id, $survey->code])),
        };
    }

    /** @return array{?string, int, int, int, bool} why it cannot be computed, doubtful readings, explanations, points not settled, whether there is more to read */
    private static function assessed(Survey $survey, AssessSurvey $assess): array
    {
        $assessed = $assess->handle($survey);
        if ($assessed->assessment === null) {
            return [$assessed->trouble?->getMessage() ?? '', 0, 0, 0, false];
        }
        $result = $assessed->assessment->survey;
        $suspects = count(array_filter($result->readings, fn ($reading): bool => $reading->status === ReadingStatus::Suspect));
        $open = count(array_filter($result->points, fn ($point): bool => in_array($point->verdict, [Verdict::Unsure, Verdict::Unmeasured], true)));

        return [null, $suspects, count($result->explanations), $open, $assessed->next !== []];
    }
}
