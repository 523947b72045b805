<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PlannedJob;
use App\Http\Props\JobProps;
use App\Http\Props\WeldsProps;
use App\Models\Job;
use Geodex\Core\RunSheet\Welds\SequenceSchool;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** How the joints of a plan are tacked and welded, and in which order. */
final class WeldsController extends Controller
{
    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/welds', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'welds' => WeldsProps::from(PlannedJob::of($job))]);
    }

    public function choose(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        /** @var array{operation: string, school: string, isHeld: bool, isTurned: bool} $chosen */
        $chosen = $request->validate(['operation' => ['required', 'string', 'max:80'], 'school' => ['required', Rule::enum(SequenceSchool::class)], 'isHeld' => ['required', 'boolean'], 'isTurned' => ['required', 'boolean']]);
        DB::transaction(function () use ($job, $chosen): void {
            $kept = Job::query()->lockForUpdate()->findOrFail($job->id);
            abort_unless($kept->operations()->where('code', $chosen['operation'])->exists(), 422, 'The plan has no such operation any more.');
            $kept->update(['weld_choices' => [...$kept->weld_choices ?? [], $chosen['operation'] => ['school' => $chosen['school'], 'isHeld' => (bool) $chosen['isHeld'], 'isTurned' => (bool) $chosen['isTurned']]]]);
        });

        return new JsonResponse(WeldsProps::from(PlannedJob::of($job->refresh())));
    }
}
