<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\JobProps;
use App\Models\Job;
use App\Report\GearPapers;
use App\Report\Paper;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Inertia\Inertia;
use Inertia\Response;

/** The sheets of the running gear, to read, print and hand over. */
final class GearPaperController extends Controller
{
    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/gear-papers', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'document' => route('gear.papers.document', $job->id), 'pdf' => route('gear.papers.pdf', $job->id)]);
    }

    public function document(Request $request, Job $job, GearPapers $papers): PlainResponse
    {
        $this->authorize('view', $job);

        return new PlainResponse($papers->html($job, $this->user($request)));
    }

    public function pdf(Request $request, Job $job, GearPapers $papers, Paper $paper): PlainResponse
    {
        $this->authorize('view', $job);

        return $paper->pdf($papers->html($job, $this->user($request), forPdf: true), $job->title, $papers->state($job));
    }
}
