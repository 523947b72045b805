<?php

declare(strict_types=1);

namespace App\Stages;

use Illuminate\Support\Facades\Route;

/** The one place where the stages are registered, in the order of the work. */
final readonly class Stages
{
    /** @return list<Stage> */
    public static function all(): array
    {
        return [new BenchStage, new ReferenceStage, new SurveyStage, new FindingsStage, new PlanStage, new DrivelineStage, new PartsStage, new RunStage, new HandOverStage];
    }

    public static function routes(): void
    {
        foreach (self::all() as $stage) {
            Route::get('/jobs/{job}/'.$stage::address(), $stage::page())->name($stage::name());
        }
    }

    /** The stage that needs something next; empty where none does. */
    public static function nextStage(JobState $job): string
    {
        foreach (self::all() as $stage) {
            if ($stage->next($job) !== null) {
                return $stage::name();
            }
        }

        return '';
    }

    /** The one thing that a job needs next: of the first stage that needs something. */
    public static function next(JobState $job): NextStep
    {
        foreach (self::all() as $stage) {
            $next = $stage->next($job);
            if ($next !== null) {
                return new NextStep($next, $job->href($stage));
            }
        }

        return new NextStep('Nothing', route('job', $job->job->id));
    }
}
