<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\RunController;

/** The work itself: in which order, where it stops to be measured, and what happened. */
final readonly class RunStage implements Stage
{
    public static function name(): string
    {
        return 'run';
    }

    public static function label(): string
    {
        return 'Run sheet';
    }

    public static function address(): string
    {
        return 'run';
    }

    public static function page(): array
    {
        return [RunController::class, 'show'];
    }

    public function state(JobState $job): StageState
    {
        return $job->job->logEntries()->where('step', 'eye')->where('kind', 'done')->exists() ? StageState::Done : StageState::Open;
    }

    /** The work waits for nobody’s list. */
    public function next(JobState $job): ?string
    {
        return null;
    }
}
