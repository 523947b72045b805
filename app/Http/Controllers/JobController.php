<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\ImportJob;
use App\Http\Props\JobRowProps;
use App\Http\Requests\EmptyJobRequest;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Scalar;
use App\Stages\JobState;
use App\Stages\Stages;
use Geodex\Core\JobFile\JobReader;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Inertia;
use Inertia\Response;

final class JobController extends Controller
{
    public function index(Request $request): Response
    {
        $user = $this->user($request);
        $archived = $request->boolean('archived');
        $jobs = $user->workshop->jobs()->with(['points:id,job_id', 'surveys', 'operations:id,job_id'])->whereNull('archived_at', not: $archived)->orderByDesc('updated_at')->orderByDesc('id')->get();
        $readings = Reading::query()->join('surveys', 'surveys.id', '=', 'readings.survey_id')->whereIn('surveys.job_id', $jobs->modelKeys())
            ->groupBy('surveys.job_id')->selectRaw('surveys.job_id, count(*) as n')->pluck('n', 'job_id');
        $rows = [];
        foreach ($jobs as $job) {
            $rows[] = JobRowProps::from($job, Stages::next(new JobState($job, $job->surveys->last())), Scalar::int($readings[$job->id] ?? 0), $user->can('work', $job));
        }

        return Inertia::render('jobs/index', [
            'jobs' => $rows,
            'archived' => $archived,
            'aside' => $user->workshop->jobs()->whereNotNull('archived_at')->count(),
            'canCreate' => $user->can('create', Job::class),
            'maxBytes' => JobReader::MAX_BYTES,
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

    /** Lays a finished job aside, or brings it back. */
    public function archive(Request $request, Job $job): RedirectResponse
    {
        $this->authorize('work', $job);
        $aside = $request->boolean('aside');
        Job::withoutTimestamps(fn () => $job->forceFill(['archived_at' => $aside ? Carbon::now() : null])->save());

        return redirect()->route('jobs')->with('notice', $aside ? "“{$job->title}” was laid aside." : "“{$job->title}” is back.");
    }

    public function show(Job $job): RedirectResponse
    {
        $this->authorize('view', $job);

        return redirect()->route('survey', [$job->id, $this->latestSurvey($job)->code]);
    }
}
