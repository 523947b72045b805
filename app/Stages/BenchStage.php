<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\BenchController;

/** The bench is brought level and square, and the vehicle set on it. */
final readonly class BenchStage implements Stage
{
    public static function name(): string
    {
        return 'bench';
    }

    public static function label(): string
    {
        return 'Bench';
    }

    public static function address(): string
    {
        return 'bench';
    }

    public static function page(): array
    {
        return [BenchController::class, 'show'];
    }

    public function state(JobState $job): StageState
    {
        return $job->job->benchRounds()->exists() ? StageState::Done : StageState::Open;
    }

    public function next(JobState $job): ?string
    {
        return null;
    }
}
