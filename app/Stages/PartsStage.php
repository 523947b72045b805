<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\PartController;

/** What is made for the change: drawings, templates, cut lists and files. */
final readonly class PartsStage implements Stage
{
    public static function name(): string
    {
        return 'parts';
    }

    public static function label(): string
    {
        return 'Parts';
    }

    public static function address(): string
    {
        return 'parts';
    }

    public static function page(): array
    {
        return [PartController::class, 'index'];
    }

    public function state(JobState $job): StageState
    {
        return $job->job->uncutParts() === 0 && $job->job->parts()->exists() ? StageState::Done : StageState::Open;
    }

    /** Parts follow from the plan; a job without any needs none. */
    public function next(JobState $job): ?string
    {
        $left = $job->job->uncutParts();

        return $left === 0 ? null : ($left === 1 ? 'Make one part' : "Make $left parts");
    }
}
