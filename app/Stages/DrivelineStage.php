<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\DrivelineController;

/** The shaft before and after the change. */
final readonly class DrivelineStage implements Stage
{
    public static function name(): string
    {
        return 'driveline';
    }

    public static function label(): string
    {
        return 'Driveline';
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
        return $job->job->driveline === null ? 'Enter the driveshaft' : null;
    }
}
