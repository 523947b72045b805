<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\FindJobs;
use App\Actions\Jobs\ImportJob;
use App\Actions\Saving\SavePart;
use App\Documents\Parts\AboutPart;
use App\Http\Props\JobAboutProps;
use App\Http\Props\JobRowProps;
use App\Http\Props\JobsAskedProps;
use App\Http\Requests\EmptyJobRequest;
use App\Http\Requests\JobAboutRequest;
use App\Http\Requests\JobListRequest;
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
    public function index(JobListRequest $request, FindJobs $find): Response
    {
        $user = $this->user($request);
        ['jobs' => $jobs, 'total' => $total] = $find->handle($user->workshop, $request->search(), $request->stage(), $request->state(), $request->sort(), $request->page());
        $readings = Reading::query()->join('surveys', 'surveys.id', '=', 'readings.survey_id')->whereIn('surveys.job_id', $jobs->modelKeys())
            ->groupBy('surveys.job_id')->selectRaw('surveys.job_id, count(*) as n')->pluck('n', 'job_id');
        $rows = [];
        foreach ($jobs as $job) {
            $rows[] = JobRowProps::from($job, Stages::next(new JobState($job, $job->surveys->last())), Scalar::int($readings[$job->id] ?? 0), $user->can('work', $job));
        }

        return Inertia::render('jobs/index', [
            'jobs' => $rows,
            'asked' => JobsAskedProps::from($request, $total),
            'aside' => $user->workshop->jobs()->whereNotNull('archived_at')->count(),
            'canCreate' => $user->can('create', Job::class),
            'tooLarge' => $request->boolean('too-large'),
        ]);
    }

    /** Three ways to a new job. */
    public function create(): Response
    {
        $this->authorize('create', Job::class);

        return Inertia::render('jobs/new', ['maxBytes' => JobReader::MAX_BYTES]);
    }

    public function about(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/about', ['about' => JobAboutProps::from($job, $this->user($request))]);
    }

    public function saveAbout(JobAboutRequest $request, Job $job, SavePart $part): RedirectResponse
    {
        $this->authorize('work', $job);
        $part->handle(new AboutPart, $job, $this->text($request, 'revision') === '' ? null : $this->text($request, 'revision'), fn () => $job->update($request->columns()));

        return redirect()->route('job.about', $job->id)->with('notice', 'Kept.');
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
