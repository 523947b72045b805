<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PlannedJob;
use App\Http\Props\HandOverProps;
use App\Http\Props\JobProps;
use App\Http\Requests\HandOverRequest;
use App\Models\Job;
use App\Report\HandOverBundle;
use App\Report\HandOverFolder;
use App\Report\Paper;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The folder that goes with the vehicle: what was found, planned and done, what is open, and who signs. */
final class HandOverController extends Controller
{
    public function show(Request $request, Job $job, string $survey): Response
    {
        $this->authorize('view', $job);
        $row = $this->survey($job, $survey);

        return Inertia::render('jobs/hand-over', [
            'job' => JobProps::from($job, $row, $this->user($request)),
            'handOver' => HandOverProps::from(PlannedJob::of($job)),
            'document' => route('hand-over.document', [$job->id, $survey]),
            'pdf' => route('hand-over.pdf', [$job->id, $survey]),
            'bundle' => route('hand-over.bundle', [$job->id, $survey]),
        ]);
    }

    public function update(HandOverRequest $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $kept = $request->handOver()->toArray();
        $job->update(['hand_over' => $kept === [] ? null : $kept]);

        return new JsonResponse(HandOverProps::from(PlannedJob::of($job->refresh())));
    }

    public function document(Request $request, Job $job, string $survey, HandOverFolder $folder): PlainResponse
    {
        $this->authorize('view', $job);

        return new PlainResponse($folder->html($this->survey($job, $survey), $this->user($request)));
    }

    public function pdf(Request $request, Job $job, string $survey, HandOverFolder $folder, Paper $paper): PlainResponse
    {
        $this->authorize('view', $job);
        $row = $this->survey($job, $survey);

        return $paper->pdf($folder->html($row, $this->user($request), forPdf: true), $job->title, $folder->state($row));
    }

    /** The folder with job file, pictures and voices, as one file. */
    public function bundle(Request $request, Job $job, string $survey, HandOverFolder $folder, Paper $paper, HandOverBundle $bundle): BinaryFileResponse
    {
        $this->authorize('view', $job);
        $row = $this->survey($job, $survey);
        $path = (string) tempnam(sys_get_temp_dir(), 'geodex-folder');
        $bundle->write($job, (string) $paper->pdf($folder->html($row, $this->user($request), forPdf: true), $job->title, $folder->state($row))->getContent(), $path);

        return (new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip']))->setContentDisposition('attachment', (Str::slug($job->title) ?: 'job').'.zip')->deleteFileAfterSend();
    }
}
