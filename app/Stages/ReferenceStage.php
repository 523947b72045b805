<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\ReferenceController;

/** What the frame is held against: a chart, a sister, its own mirror image. */
final readonly class ReferenceStage implements Stage
{
    public static function name(): string
    {
        return 'reference';
    }

    public static function label(): string
    {
        return 'Reference';
    }

    public static function address(): string
    {
        return 'reference';
    }

    public static function page(): array
    {
        return [ReferenceController::class, 'show'];
    }

    public function state(JobState $job): StageState
    {
        return $job->job->points->contains(fn ($point): bool => $point->chart_x_mm !== null) ? StageState::Done : StageState::Open;
    }

    public function next(JobState $job): ?string
    {
        return $job->hasPoints() ? null : 'Enter the chart';
    }
}
