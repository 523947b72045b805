<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\SurveyController;

/** What is bent, and what to pull. */
final readonly class FindingsStage implements Stage
{
    public static function name(): string
    {
        return 'findings';
    }

    public static function label(): string
    {
        return 'Findings';
    }

    public static function address(): string
    {
        return 'surveys/{survey}/findings';
    }

    public static function page(): array
    {
        return [SurveyController::class, 'findings'];
    }

    public function state(JobState $job): StageState
    {
        return $job->isReadThrough() ? StageState::Done : ($job->pointsRead() > 0 ? StageState::Open : StageState::Waiting);
    }

    public function next(JobState $job): ?string
    {
        return null;
    }
}
