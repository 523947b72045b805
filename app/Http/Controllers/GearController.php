<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Gear\KeepWorksheet;
use App\Documents\GearOfJob;
use App\Documents\PlannedJob;
use App\Http\Props\GearPageProps;
use App\Http\Props\JobProps;
use App\Http\Props\OldNewProps;
use App\Http\Props\TriedProps;
use App\Http\Requests\WorksheetRequest;
use App\Models\Job;
use App\Models\Worksheet;
use Geodex\Core\Calculators\RunningGear\GearPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The pages below the stage Running gear: sheets that are worked out of what the plan says and what a person measured. */
final class GearController extends Controller
{
    public function show(Request $request, Job $job, string $page): Response
    {
        $this->authorize('view', $job);
        $of = GearPage::tryFrom($page) ?? abort(404);

        return Inertia::render('jobs/gear', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'gear' => GearPageProps::from(PlannedJob::of($job), $of)]);
    }

    public function oldNew(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/old-new', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'gear' => OldNewProps::from(PlannedJob::of($job))]);
    }

    public function store(WorksheetRequest $request, Job $job, KeepWorksheet $keep): JsonResponse
    {
        $this->authorize('work', $job);
        $keep->handle($job, $this->user($request), $request->tool(), $request->title(), $request->given(), $request->points());

        return $this->page($job, $request->tool());
    }

    public function update(WorksheetRequest $request, Job $job, Worksheet $worksheet, KeepWorksheet $keep): JsonResponse
    {
        $this->authorize('work', $job);
        abort_unless($worksheet->job_id === $job->id && $worksheet->tool === $request->tool(), 404);
        $keep->handle($job, $this->user($request), $request->tool(), $request->title(), $request->given(), $request->points(), $worksheet, $this->readAt($request));

        return $this->page($job, $worksheet->tool);
    }

    /** What other numbers would do, against what the sheet says; nothing is kept. */
    public function tryOut(WorksheetRequest $request, Job $job, Worksheet $worksheet): JsonResponse
    {
        $this->authorize('view', $job);
        abort_unless($worksheet->job_id === $job->id && $worksheet->tool === $request->tool(), 404);

        return new JsonResponse(TriedProps::from($worksheet, $request->given()));
    }

    /** What the job says now in place of what it said when the sheet was kept. */
    public function takeOver(Request $request, Job $job, Worksheet $worksheet, KeepWorksheet $keep): JsonResponse
    {
        $this->authorize('work', $job);
        abort_unless($worksheet->job_id === $job->id, 404);
        $values = $worksheet->sheet()->takenOver(GearOfJob::of(PlannedJob::of($job))->after->of($worksheet->tool));
        $keep->handle($job, $this->user($request), $worksheet->tool, $worksheet->title, $values, $worksheet->fromSurvey(), $worksheet);

        return $this->page($job, $worksheet->tool);
    }

    public function destroy(Job $job, Worksheet $worksheet): JsonResponse
    {
        $this->authorize('work', $job);
        abort_unless($worksheet->job_id === $job->id, 404);
        $worksheet->delete();

        return $this->page($job, $worksheet->tool);
    }

    private function page(Job $job, string $tool): JsonResponse
    {
        return new JsonResponse(GearPageProps::from(PlannedJob::of($job), GearPage::of($tool) ?? abort(404)));
    }
}
