<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\ImportJob;
use App\Documents\JobDocument;
use App\Http\Requests\FileRequest;
use App\Models\Job;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\JobWriter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A job in from a job file, and out as one. */
final class JobFileController extends Controller
{
    public function store(FileRequest $request, JobReader $reader, ImportJob $import): RedirectResponse
    {
        $this->authorize('create', Job::class);
        $user = $this->user($request);
        $job = $import->handle($user->workshop, $user, $reader->document($request->contents()));

        return redirect()->route('job', $job->id)->with('notice', "“{$job->title}” was taken in.");
    }

    public function show(Job $job, JobWriter $writer): Response
    {
        $this->authorize('view', $job);

        return new Response($writer->write(JobDocument::forExport($job)), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->title) ?: 'job').'.job.json"',
        ]);
    }
}
