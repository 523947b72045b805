<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\HandOverController;

/** What goes with the vehicle, and who signs for it. */
final readonly class HandOverStage implements Stage
{
    public static function name(): string
    {
        return 'hand-over';
    }

    public static function label(): string
    {
        return 'Hand-over';
    }

    public static function address(): string
    {
        return 'surveys/{survey}/hand-over';
    }

    public static function page(): array
    {
        return [HandOverController::class, 'show'];
    }

    public function state(JobState $job): StageState
    {
        return $job->pointsRead() > 0 || $job->job->operations()->exists() ? StageState::Open : StageState::Waiting;
    }

    public function next(JobState $job): string
    {
        return 'Fill in the hand-over, and print it';
    }
}
