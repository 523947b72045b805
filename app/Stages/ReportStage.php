<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\ReportController;

/** The paper that goes with the vehicle. */
final readonly class ReportStage implements Stage
{
    public static function name(): string
    {
        return 'report';
    }

    public static function label(): string
    {
        return 'Report';
    }

    public static function address(): string
    {
        return 'surveys/{survey}/report';
    }

    public static function page(): array
    {
        return [ReportController::class, 'show'];
    }

    public function state(JobState $job): StageState
    {
        return $job->pointsRead() > 0 || $job->job->operations()->exists() ? StageState::Open : StageState::Waiting;
    }

    public function next(JobState $job): string
    {
        return 'Print the report';
    }
}
