<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Parts\SawStock;
use App\Http\Props\JobProps;
use App\Http\Props\SawProps;
use App\Http\Requests\SawRequest;
use App\Models\Job;
use App\Parts\CutLists;
use App\Parts\CutListTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response as PlainResponse;
use Inertia\Inertia;
use Inertia\Response;

/** The cut list of a job, over the rack of the shop. */
final class SawController extends Controller
{
    public function show(SawRequest $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/cut-list', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'saw' => SawProps::from($job, $request->kerf(), $request->trim())]);
    }

    /** The same for a saw that is set otherwise; nothing is kept. */
    public function tryOut(SawRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(SawProps::from($job, $request->kerf(), $request->trim()));
    }

    public function store(SawRequest $request, Job $job, SawStock $saw): JsonResponse
    {
        $this->authorize('work', $job);
        $saw->handle($job, $this->text($request, 'stock'), $request->kerf(), $request->trim());

        return new JsonResponse(SawProps::from($job, $request->kerf(), $request->trim()));
    }

    public function table(SawRequest $request, Job $job): PlainResponse
    {
        $this->authorize('view', $job);

        return new PlainResponse(CutListTable::csv(CutLists::of($job, $request->kerf(), $request->trim()), $request->kerf(), $request->trim()), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="cut-list.csv"']);
    }
}
