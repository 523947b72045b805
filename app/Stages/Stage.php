<?php

declare(strict_types=1);

namespace App\Stages;

/** A station of the work on a job. The rail, the routes and the list of jobs follow from it; a new one is a new class, entered in Stages. */
interface Stage
{
    /** Its name in addresses, routes and on the front end. */
    public static function name(): string;

    public static function label(): string;

    /** Its address below that of the job; {survey} where it looks at one. */
    public static function address(): string;

    /** @return array{class-string, string} controller and method of its page */
    public static function page(): array;

    public function state(JobState $job): StageState;

    /** What the job needs here next, in a few words; null if nothing. A list asks this of many jobs, so it computes nothing. */
    public function next(JobState $job): ?string;
}
