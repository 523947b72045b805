<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\ImportJob;
use App\Actions\Survey\AssessSurvey;
use App\Http\Props\JobRowProps;
use App\Http\Props\NextStep;
use App\Http\Requests\EmptyJobRequest;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Survey;
use Geodex\Core\JobFile\JobReader;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class JobController extends Controller
{
    public function index(Request $request, AssessSurvey $assess): Response
    {
        $user = $this->user($request);
        $jobs = $user->workshop->jobs()->with(['workshop', 'points', 'surveys', 'operations'])->orderByDesc('updated_at')->orderByDesc('id')->get();
        $readings = Reading::query()->join('surveys', 'surveys.id', '=', 'readings.survey_id')->whereIn('surveys.job_id', $jobs->modelKeys())
            ->groupBy('surveys.job_id')->selectRaw('surveys.job_id, count(*) as n')->pluck('n', 'job_id');
        $rows = [];
        foreach ($jobs as $job) {
            $job->surveys->each(fn (Survey $survey) => $survey->setRelation('job', $job));
            $rows[] = JobRowProps::from($job, NextStep::of($job, $assess), (int) ($readings[$job->id] ?? 0));
        }

        return Inertia::render('jobs/index', [
            'jobs' => $rows,
            'canCreate' => $user->can('create', Job::class),
            'greatestBytes' => JobReader::GREATEST_BYTES,
            'tooLarge' => $request->boolean('too-large'),
        ]);
    }

    /** A job whose chart is typed in on screen. */
    public function store(EmptyJobRequest $request, ImportJob $import): RedirectResponse
    {
        $this->authorize('create', Job::class);
        $user = $this->user($request);

        return redirect()->route('reference', $import->handle($user->workshop, $user, $request->document())->id);
    }

    public function show(Job $job): RedirectResponse
    {
        $this->authorize('view', $job);

        return redirect()->route('survey', [$job->id, $this->latestSurvey($job)->code]);
    }
}
