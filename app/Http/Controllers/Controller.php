<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Survey;
use App\Models\User;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;

abstract class Controller
{
    use AuthorizesRequests;

    protected function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }

    /** A text of the request; what is no text counts as none. */
    protected function text(Request $request, string $key): string
    {
        $value = $request->input($key);

        return is_string($value) ? $value : '';
    }

    /** The revision that a part was read at, as the screen says it. */
    protected function readAt(Request $request): ?string
    {
        $revision = $request->header('X-Revision');

        return is_string($revision) && $revision !== '' ? $revision : null;
    }

    /** The survey of a job by its code, with the job on it. */
    protected function survey(Job $job, string $code): Survey
    {
        $job->loadMissing(['workshop', 'points', 'surveys']);
        $survey = $job->surveys->firstWhere('code', $code) ?? abort(404);
        $survey->setRelation('job', $job);

        return $survey;
    }

    /** The survey that a stage without one of its own looks at: the latest. */
    protected function latestSurvey(Job $job): Survey
    {
        $job->loadMissing('surveys');

        return $this->survey($job, $job->surveys->last()->code ?? 'before');
    }
}
