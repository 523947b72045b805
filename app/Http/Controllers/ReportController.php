<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\JobProps;
use App\Models\Job;
use App\Report\Paper;
use App\Report\ReportDocument;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Inertia\Inertia;
use Inertia\Response;

/** One document of the whole job, to read, print and hand over. */
final class ReportController extends Controller
{
    public function show(Request $request, Job $job, string $survey): Response
    {
        $this->authorize('view', $job);
        $row = $this->survey($job, $survey);

        return Inertia::render('jobs/report', [
            'job' => JobProps::from($job, $row, $this->user($request)),
            'document' => route('report.document', [$job->id, $survey]),
            'pdf' => route('report.pdf', [$job->id, $survey]),
        ]);
    }

    public function document(Request $request, Job $job, string $survey, ReportDocument $report): PlainResponse
    {
        $this->authorize('view', $job);

        return new PlainResponse($report->html($this->survey($job, $survey), $this->user($request)));
    }

    public function pdf(Request $request, Job $job, string $survey, ReportDocument $report, Paper $paper): PlainResponse
    {
        $this->authorize('view', $job);
        $row = $this->survey($job, $survey);

        return $paper->pdf($report->html($row, $this->user($request), forPdf: true), $job->title, "survey $row->code, state $row->revision");
    }
}
