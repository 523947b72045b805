<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\FindMovement;
use App\Http\Props\JobProps;
use App\Http\Props\MovementProps;
use App\Models\Job;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** One survey held against an earlier one of the job. */
final class MovementController extends Controller
{
    public function show(Request $request, Job $job, string $survey, string $since, FindMovement $find): Response
    {
        $this->authorize('view', $job);
        $later = $this->survey($job, $survey);

        return Inertia::render('jobs/movement', ['job' => JobProps::from($job, $later, $this->user($request)), 'movement' => MovementProps::from($since, $later->code, $find->handle($this->survey($job, $since), $later))]);
    }
}
