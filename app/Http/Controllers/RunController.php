<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RunSheet\RecordEntry;
use App\Documents\RunOfJob;
use App\Http\Props\JobProps;
use App\Http\Props\RunSheetProps;
use App\Http\Requests\LogEntryRequest;
use App\Http\Requests\OwnStepRequest;
use App\Models\Job;
use App\Models\Recording;
use Geodex\Core\RunSheet\Arrow;
use Geodex\Core\RunSheet\RunSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
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

    /** The sheet again where something has changed since; nothing where it has not. */
    public function state(Request $request, Job $job): JsonResponse|PlainResponse
    {
        $this->authorize('view', $job);

        return $request->query('since') === RunSheetProps::stateOf($job) ? new PlainResponse('', 204) : $this->run($job);
    }

    public function store(LogEntryRequest $request, Job $job, RecordEntry $record): JsonResponse
    {
        $this->authorize('work', $job);
        $record->handle($job, $this->user($request), $request->entry());

        return $this->run($job);
    }

    public function voice(Job $job, Recording $recording): PlainResponse
    {
        $this->authorize('view', $job);
        abort_unless($recording->job_id === $job->id, 404);

        return new PlainResponse($recording->sound, 200, ['Content-Type' => $recording->mime, 'Cache-Control' => 'private, max-age=86400, immutable']);
    }

    /** A person wants a step before another; where that cannot be, it is said why, and nothing is kept. */
    public function order(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        /** @var array{first: string, then: string} $wanted */
        $wanted = $request->validate(['first' => ['required', 'string', 'max:80'], 'then' => ['required', 'string', 'max:80', 'different:first']]);
        DB::transaction(function () use ($job, $wanted): void {
            $kept = Job::query()->lockForUpdate()->findOrFail($job->id);
            $run = RunOfJob::of($kept);
            abort_if($run->step($wanted['first']) === null || $run->step($wanted['then']) === null, 422, 'The run sheet has no such step any more: the plan was changed.');
            $same = fn (array $one): bool => [$one['first'], $one['then']] === [$wanted['first'], $wanted['then']];
            $arrows = array_values(array_filter($kept->run_arrows ?? [], fn (array $one): bool => ! $same($one) && ! $same(['first' => $one['then'], 'then' => $one['first']])));
            abort_if(count($arrows) >= self::MOST_OWN, 422, sprintf('No more than %d wishes.', self::MOST_OWN));
            $arrows[] = $wanted;
            $conflict = RunSheet::conflict($run->steps, array_map(fn (array $one): Arrow => new Arrow($one['first'], $one['then']), $arrows));
            abort_if($conflict !== null, 422, 'That cannot be. '.implode(' ', $conflict ?? []));
            $kept->update(['run_arrows' => $arrows]);
        });

        return $this->run($job->refresh());
    }

    public function forgetOrder(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        DB::transaction(function () use ($request, $job): void {
            $kept = Job::query()->lockForUpdate()->findOrFail($job->id);
            $kept->update(['run_arrows' => array_values(array_filter($kept->run_arrows ?? [], fn (array $one): bool => [$one['first'], $one['then']] !== [$request->input('first'), $request->input('then')]))]);
        });

        return $this->run($job->refresh());
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

    private function run(Job $job): JsonResponse
    {
        return new JsonResponse(RunSheetProps::from($job));
    }
}
