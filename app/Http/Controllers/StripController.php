<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\JobProps;
use App\Http\Props\StripProps;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;

/** What comes off before the heat, in which bag; and what is coated with what, and when nobody reaches it any more. */
final class StripController extends Controller
{
    private const MOST = 60;

    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/strip', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'strip' => StripProps::from($job)]);
    }

    public function addItem(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        /** @var array{what: string} $given */
        $given = $request->validate(['what' => ['required', 'string', 'max:120']], ['what.required' => 'What comes off?']);

        return $this->changed($job, function (Job $kept) use ($given): void {
            abort_if(count($kept->strip_list ?? []) >= self::MOST, 422, sprintf('No more than %d things.', self::MOST));
            $kept->update(['strip_list' => array_values(array_unique([...$kept->strip_list ?? [], trim($given['what'])]))]);
        });
    }

    public function removeItem(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);

        return $this->changed($job, fn (Job $kept) => $kept->update(['strip_list' => array_values(array_filter($kept->strip_list ?? [], fn (string $one): bool => $one !== $request->input('what')))]));
    }

    public function addCoating(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        /** @var array{place: string, what: string, closed: ?string} $given */
        $given = $request->validate(['place' => ['required', 'string', 'max:120'], 'what' => ['required', 'string', 'max:120'], 'closed' => ['nullable', 'string', 'max:120']], ['place.required' => 'Which surface?', 'what.required' => 'Coated with what?']);

        return $this->changed($job, function (Job $kept) use ($given): void {
            abort_if(count($kept->coatings ?? []) >= self::MOST, 422, sprintf('No more than %d surfaces.', self::MOST));
            $kept->update(['coatings' => [...$kept->coatings ?? [], ['place' => trim($given['place']), 'what' => trim($given['what']), 'closed' => trim($given['closed'] ?? '')]]]);
        });
    }

    public function removeCoating(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);

        return $this->changed($job, fn (Job $kept) => $kept->update(['coatings' => array_values(array_filter($kept->coatings ?? [], fn (array $one): bool => $one['place'] !== $request->input('place')))]));
    }

    /** @param  \Closure(Job): mixed  $change */
    private function changed(Job $job, \Closure $change): JsonResponse
    {
        DB::transaction(fn () => $change(Job::query()->lockForUpdate()->findOrFail($job->id)));

        return new JsonResponse(StripProps::from($job->refresh()));
    }
}
