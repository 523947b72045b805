<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RunSheet\RecordEntry;
use App\Http\Props\JobProps;
use App\Http\Props\RunSheetProps;
use App\Http\Requests\LogEntryRequest;
use App\Http\Requests\OwnStepRequest;
use App\Models\Job;
use Geodex\Core\Calculators\HeatInputCalculator;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;

/** The stage Run sheet: what is next and why, where it stops to be measured, and the log of what happened. */
final class RunController extends Controller
{
    private const MOST_OWN = 100;

    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/run', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'run' => RunSheetProps::from($job)]);
    }

    public function store(LogEntryRequest $request, Job $job, RecordEntry $record): JsonResponse
    {
        $this->authorize('work', $job);
        $record->handle(
            $job, $this->user($request), $this->text($request, 'clientId'), $this->text($request, 'step'), $this->text($request, 'kind'), trim($this->text($request, 'text')), $request->reading(), $request->boolean('isSeenTo'), $request->picture(),
            $request->filled('supersedes') ? $request->integer('supersedes') : null, $this->text($request, 'kind') === 'run' ? $this->welded($request) : null,
        );

        return $this->run($job);
    }

    public function addStep(OwnStepRequest $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        DB::transaction(function () use ($request, $job): void {
            $kept = Job::query()->lockForUpdate()->findOrFail($job->id);
            abort_if(count($kept->own_steps ?? []) >= self::MOST_OWN, 422, sprintf('No more than %d steps of one’s own.', self::MOST_OWN));
            $kept->update(['own_steps' => [...$kept->own_steps ?? [], $request->step()]]);
        });

        return $this->run($job->refresh());
    }

    /** A step that a person put in is taken out again; what its log says stays. */
    public function removeStep(Job $job, string $step): JsonResponse
    {
        $this->authorize('work', $job);
        DB::transaction(function () use ($job, $step): void {
            $kept = Job::query()->lockForUpdate()->findOrFail($job->id);
            $kept->update(['own_steps' => array_values(array_filter($kept->own_steps ?? [], fn (array $one): bool => $one['id'] !== $step))]);
        });

        return $this->run($job->refresh());
    }

    /** Length and seconds have to be there: without them a run has no heat. */
    private function welded(LogEntryRequest $request): Values
    {
        $values = (new FieldReader($request->unit(), typed: true))->read(HeatInputCalculator::fields(), $request->run());

        return $values->has('length') && $values->has('seconds') ? $values : throw InvalidFields::at($values->has('length') ? 'seconds' : 'length', 'missing: how long the run is, and how many seconds it took.');
    }

    private function run(Job $job): JsonResponse
    {
        return new JsonResponse(RunSheetProps::from($job));
    }
}
