<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Plan\SavePlan;
use App\Actions\Plan\StartPlanFrom;
use App\Actions\Plan\SwitchVariant;
use App\Actions\Saving\SavePart;
use App\Documents\Parts\PlanPart;
use App\Http\Props\JobProps;
use App\Http\Props\PlanProps;
use App\Http\Requests\PlanRequest;
use App\Models\Job;
use App\Report\TargetCsv;
use Geodex\Core\Plan\Variant;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Inertia\Inertia;
use Inertia\Response;

final class PlanController extends Controller
{
    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);
        $survey = $this->latestSurvey($job);

        return Inertia::render('jobs/plan', ['job' => JobProps::from($job, $survey, $this->user($request)), 'plan' => PlanProps::from($job)]);
    }

    public function update(PlanRequest $request, Job $job, SavePlan $save, SavePart $part): JsonResponse
    {
        $this->authorize('work', $job);
        $part->handle(new PlanPart, $job, $this->readAt($request), fn () => $save->handle($job, $request->operations(), $request->unit()));

        return new JsonResponse(PlanProps::from($job));
    }

    public function variant(Request $request, Job $job, SwitchVariant $switch, SavePart $part): JsonResponse
    {
        $this->authorize('work', $job);
        $letter = $this->text($request, 'variant');
        abort_unless(in_array($letter, Variant::LETTERS, true), 422);
        $part->handle(new PlanPart, $job, $this->readAt($request), fn () => $switch->handle($job, $letter));

        return new JsonResponse(PlanProps::from($job->refresh()));
    }

    public function start(Request $request, Job $job, StartPlanFrom $start, SavePart $part): JsonResponse
    {
        $this->authorize('work', $job);
        $survey = $this->text($request, 'survey');
        $part->handle(new PlanPart, $job, $this->readAt($request), fn () => $start->handle($job, $survey === '' ? null : $survey));

        return new JsonResponse(PlanProps::from($job->refresh()));
    }

    public function dropVariant(Request $request, Job $job, string $variant): JsonResponse
    {
        $this->authorize('work', $job);
        $others = $job->plan_others ?? [];
        unset($others[$variant]);
        $job->update(['plan_others' => $others === [] ? null : $others]);

        return new JsonResponse(PlanProps::from($job->refresh()));
    }

    public function target(Request $request, Job $job, TargetCsv $csv): PlainResponse
    {
        $this->authorize('view', $job);

        return new PlainResponse($csv->write($job), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="target.csv"']);
    }
}
