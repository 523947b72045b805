<?php

declare(strict_types=1);

namespace App\Stages;

use App\Actions\Survey\SurveyFacts;
use App\Models\Job;
use App\Models\Survey;
use Illuminate\Support\Facades\DB;

/** A job as its stages look at it, with the survey that is open; what needs a query is asked when it is needed. */
final readonly class JobState
{
    public function __construct(public Job $job, public ?Survey $survey) {}

    public function href(Stage $stage): string
    {
        return route($stage::name(), ['job' => $this->job->id, ...(str_contains($stage::address(), '{survey}') ? ['survey' => $this->survey->code ?? 'before'] : [])]);
    }

    public function hasPoints(): bool
    {
        return $this->job->pointCount() > 0;
    }

    /** Points that a reading of the survey touches. */
    public function pointsRead(): int
    {
        return $this->survey === null ? 0 : once(fn (): int => DB::table('reading_points')->join('readings', 'readings.id', '=', 'reading_points.reading_id')->where('survey_id', $this->survey->id)->distinct()->count('point_id'));
    }

    public function isReadThrough(): bool
    {
        return $this->pointsRead() > 0 && $this->pointsRead() >= $this->job->points->count();
    }

    /** What was kept when the survey was last computed; null if it stands otherwise now. */
    public function facts(): ?SurveyFacts
    {
        return $this->survey?->facts === null || $this->survey->facts_revision !== $this->survey->revision ? null : SurveyFacts::fromArray($this->survey->facts);
    }
}
