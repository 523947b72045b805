<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\PlanController;

/** What is to be cut, moved and put in. */
final readonly class PlanStage implements Stage
{
    public static function name(): string
    {
        return 'plan';
    }

    public static function label(): string
    {
        return 'Plan';
    }

    public static function address(): string
    {
        return 'plan';
    }

    public static function page(): array
    {
        return [PlanController::class, 'show'];
    }

    public function state(JobState $job): StageState
    {
        return $job->job->operations()->exists() && $job->job->isAlongTicked() ? StageState::Done : StageState::Open;
    }

    public function next(JobState $job): ?string
    {
        return match (true) {
            ! $job->job->isPlanned() => 'Plan the change',
            ! $job->job->isAlongTicked() => 'See to what comes along',
            default => null,
        };
    }
}
