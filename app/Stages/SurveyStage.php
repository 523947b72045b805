<?php

declare(strict_types=1);

namespace App\Stages;

use App\Http\Controllers\SurveyController;

/** The frame is measured, and the readings are held against each other. */
final readonly class SurveyStage implements Stage
{
    public static function name(): string
    {
        return 'survey';
    }

    public static function label(): string
    {
        return 'Survey';
    }

    public static function address(): string
    {
        return 'surveys/{survey}';
    }

    public static function page(): array
    {
        return [SurveyController::class, 'show'];
    }

    public function state(JobState $job): StageState
    {
        return $job->isReadThrough() ? StageState::Done : StageState::Open;
    }

    public function next(JobState $job): ?string
    {
        $facts = $job->facts();

        return match (true) {
            $facts === null => 'Open the survey: it has not been computed as it stands',
            $facts->trouble !== null => $facts->trouble,
            $facts->ways > 1 => 'One of several readings is wrong: take the reading that tells',
            $facts->suspects > 0 => $facts->suspects === 1 ? 'One reading does not fit: take it again or strike it' : "{$facts->suspects} readings do not fit: take them again or strike them",
            $facts->open > 0 && $facts->hasNext => "Read on: {$facts->open} points are not settled",
            default => null,
        };
    }
}
