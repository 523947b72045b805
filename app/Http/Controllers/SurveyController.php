<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\AssessSurvey;
use App\Http\Props\InstrumentProps;
use App\Http\Props\JobProps;
use App\Http\Props\SurveyProps;
use App\Http\Requests\SurveyRequest;
use App\Models\Instrument;
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
    public function show(Request $request, Job $job, string $survey, AssessSurvey $assess): Response
    {
        return $this->page($request, $job, $survey, $assess, 'jobs/survey');
    }

    public function findings(Request $request, Job $job, string $survey, AssessSurvey $assess): Response
    {
        return $this->page($request, $job, $survey, $assess, 'jobs/findings');
    }

    /** News for a screen that holds revision "since"; nothing if there is none. */
    public function state(Request $request, Job $job, string $survey, AssessSurvey $assess): JsonResponse|PlainResponse
    {
        $this->authorize('view', $job);
        $row = $this->survey($job, $survey);
        $user = $this->user($request);
        Presence::seen($row, $user);
        if ($request->integer('since', -1) === $row->revision && $this->text($request, 'present') === implode(',', Presence::others($row, $user))) {
            return new PlainResponse(status: 204);
        }

        return new JsonResponse(SurveyProps::from($row, $assess, $user));
    }

    public function store(SurveyRequest $request, Job $job): RedirectResponse
    {
        $this->authorize('work', $job);
        $survey = $job->surveys()->create($request->survey());

        return redirect()->route('survey', [$job->id, $survey->code]);
    }

    private function page(Request $request, Job $job, string $survey, AssessSurvey $assess, string $page): Response
    {
        $this->authorize('view', $job);
        $row = $this->survey($job, $survey);
        $user = $this->user($request);
        Presence::seen($row, $user);

        return Inertia::render($page, [
            'job' => JobProps::from($job, $row, $user),
            'survey' => SurveyProps::from($row, $assess, $user),
            'instruments' => $user->workshop->instruments()->get()->map(fn (Instrument $instrument): InstrumentProps => InstrumentProps::from($instrument))->values()->all(),
        ]);
    }
}
