<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\AssessSurvey;
use App\Http\Props\JobProps;
use App\Http\Props\RunBookProps;
use App\Models\Job;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What the work has taught: what joints drew in, what moved at which stage, and what steps took. */
final class RunBookController extends Controller
{
    public function show(Request $request, Job $job, AssessSurvey $assess): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/book', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'book' => RunBookProps::from($job, $assess)]);
    }
}
