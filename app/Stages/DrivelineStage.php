<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\DrivelineController;

/** What runs, steers and springs, before and after the change: first the driveshaft, then sheets. */
final readonly class DrivelineStage implements Stage
{
    public static function name(): string
    {
        return 'driveline';
    }

    public static function label(): string
    {
        return 'Running gear';
    }

    public static function address(): string
    {
        return 'driveline';
    }

    public static function page(): array
    {
        return [DrivelineController::class, 'show'];
    }

    public function state(JobState $job): StageState
    {
        return $job->job->driveline === null ? StageState::Open : StageState::Done;
    }

    public function next(JobState $job): ?string
    {
        return $job->job->hasDriveline() ? null : 'Enter the driveshaft';
    }
}
