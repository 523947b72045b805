<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\SurveyFacts;
use App\Models\Job;

/** The one thing a job needs next, in a few words. From what was kept when its survey was last computed: a list computes nothing. */
final readonly class NextStep
{
    private function __construct(public string $text, public string $href) {}

    public static function of(Job $job): self
    {
        $survey = $job->surveys->last();
        if ($survey === null || $job->points->isEmpty()) {
            return new self('Enter the chart', route('reference', $job->id));
        }
        $at = route('survey', [$job->id, $survey->code]);
        if ($survey->facts === null || $survey->facts_revision !== $survey->revision) {
            return new self('Open the survey: it has not been computed as it stands', $at);
        }
        $facts = SurveyFacts::fromArray($survey->facts);

        return match (true) {
            $facts->trouble !== null => new self($facts->trouble, $at),
            $facts->ways > 1 => new self('One of several readings is wrong: take the reading that tells', $at),
            $facts->suspects > 0 => new self($facts->suspects === 1 ? 'One reading does not fit: take it again or strike it' : "{$facts->suspects} readings do not fit: take them again or strike them", $at),
            $facts->open > 0 && $facts->hasNext => new self("Read on: {$facts->open} points are not settled", $at),
            $job->operations->isEmpty() => new self('Plan the change', route('plan', $job->id)),
            $job->driveline === null => new self('Enter the driveshaft', route('driveline', $job->id)),
            default => new self('Print the report', route('report', [$job->id, $survey->code])),
        };
    }
}
