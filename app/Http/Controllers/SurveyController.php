<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Kept\KeptSurveys;
use App\Http\Props\InstrumentProps;
use App\Http\Props\JobProps;
use App\Http\Requests\SurveyRequest;
use App\Models\Job;
use App\Models\Presence;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Inertia\Inertia;
use Inertia\Response;

final class SurveyController extends Controller
{
    public function show(Request $request, Job $job, string $survey, KeptSurveys $surveys): Response
    {
        return $this->page(request: $request, job: $job, survey: $survey, surveys: $surveys, page: 'jobs/survey');
    }

    public function findings(Request $request, Job $job, string $survey, KeptSurveys $surveys): Response
    {
        return $this->page(request: $request, job: $job, survey: $survey, surveys: $surveys, page: 'jobs/findings');
    }

    /** News for a screen that holds revision "since"; nothing if there is none, which costs one indexed query. */
    public function state(Request $request, string $job, string $survey, KeptSurveys $surveys): JsonResponse|PlainResponse
    {
        $user = $this->user($request);
        $at = Presence::at((int) $job, $survey, $user) ?? abort(404);
        abort_unless($at->workshop === $user->workshop_id, 403);
        if (Presence::isDue($at->seen)) {
            Presence::seen($at->survey, $user);
        }
        if ($request->integer('since', -1) === $at->revision && $this->text($request, 'present') === $at->others) {
            return new PlainResponse(status: 204);
        }

        $news = $surveys->news($this->survey(Job::findOrFail((int) $job), $survey), $at->others);

        return $news === null ? new PlainResponse(status: 204) : new JsonResponse($news, json: true);
    }

    public function store(SurveyRequest $request, Job $job): RedirectResponse
    {
        $this->authorize('work', $job);
        $survey = $job->surveys()->create($request->survey());

        return redirect()->route('survey', [$job->id, $survey->code]);
    }

    public function rename(Request $request, Job $job, string $survey): RedirectResponse
    {
        $this->authorize('work', $job);
        $request->validate(['name' => ['required', 'string', 'max:120']]);
        $this->survey($job, $survey)->update(['name' => trim($this->text($request, 'name'))]);

        return redirect()->back();
    }

    public function against(Request $request, Job $job, string $survey): RedirectResponse
    {
        $this->authorize('work', $job);
        $row = $this->survey($job, $survey);
        abort_if($request->boolean('target') && $row->code === $job->plan_from, 422, 'The plan starts from this survey: it is held against the chart.');
        $row->update(['to_target' => $request->boolean('target')]);
        $row->increment('revision');

        return redirect()->back();
    }

    private function page(Request $request, Job $job, string $survey, KeptSurveys $surveys, string $page): Response
    {
        $this->authorize('view', $job);
        $row = $this->survey($job, $survey);
        $user = $this->user($request);
        Presence::seen($row->id, $user);

        return Inertia::render($page, [
            'job' => JobProps::from($job, $row, $user),
            'survey' => $surveys->of($row, $user),
            'instruments' => InstrumentProps::all($user->workshop, areDials: false),
        ]);
    }
}
