<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\AddBenchRound;
use App\Actions\Bench\CarryIntoSurvey;
use App\Actions\Saving\SavePart;
use App\Documents\Parts\BenchPart;
use App\Http\Props\BenchProps;
use App\Http\Props\JobProps;
use App\Http\Requests\BenchRoundRequest;
use App\Http\Requests\JigRequest;
use App\Models\BenchRound;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The bench that a vehicle stands on: its size, and the rounds of levelling, squaring and setting. */
final class BenchController extends Controller
{
    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/bench', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'bench' => BenchProps::from($job)]);
    }

    public function update(JigRequest $request, Job $job, SavePart $part): JsonResponse
    {
        $this->authorize('work', $job);
        $jig = $request->jig();
        $part->handle(new BenchPart, $job, $this->readAt($request), fn () => $job->update(['bench' => $jig]));

        return new JsonResponse(BenchProps::from($job));
    }

    public function store(BenchRoundRequest $request, Job $job, AddBenchRound $add): JsonResponse
    {
        $this->authorize('work', $job);
        $add->handle($job, $this->user($request), $request->kind(), $request->round());

        return new JsonResponse(BenchProps::from($job->unsetRelation('benchRounds')));
    }

    public function carry(Request $request, Job $job, BenchRound $round, CarryIntoSurvey $carry): RedirectResponse
    {
        $this->authorize('work', $job);
        abort_unless($round->job_id === $job->id, 404);
        $survey = $this->latestSurvey($job);
        $count = $carry->handle($round, $survey, $this->user($request));

        return redirect()->route('survey', [$job->id, $survey->code])->with('notice', "$count readings were carried over from the bench.");
    }
}
