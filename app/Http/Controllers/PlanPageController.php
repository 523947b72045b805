<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Plan\KeepSpread;
use App\Actions\Plan\TickAlong;
use App\Documents\PlannedJob;
use App\Http\Props\BesideProps;
use App\Http\Props\BodyCutProps;
use App\Http\Props\BoltedProps;
use App\Http\Props\BracketedProps;
use App\Http\Props\ConsequencesProps;
use App\Http\Props\CutPageProps;
use App\Http\Props\JobProps;
use App\Http\Props\LoadsProps;
use App\Http\Props\MountedProps;
use App\Http\Props\MountsProps;
use App\Http\Props\MovedLoadProps;
use App\Http\Props\SplicePageProps;
use App\Http\Props\SpreadProps;
use App\Http\Props\StandProps;
use App\Http\Props\WinchedProps;
use App\Http\Requests\BesideRequest;
use App\Http\Requests\BodyCutRequest;
use App\Http\Requests\BoltsRequest;
use App\Http\Requests\BracketsRequest;
use App\Http\Requests\MountsRequest;
use App\Http\Requests\MovingLoadRequest;
use App\Http\Requests\SpliceRequest;
use App\Http\Requests\SpreadRequest;
use App\Http\Requests\StandRequest;
use App\Http\Requests\WinchRequest;
use App\Models\Job;
use App\Report\Paper;
use App\Report\PlanPapers;
use Geodex\Core\Calculators\Plan\SpreadRound;
use Geodex\Core\Plan\Stand\SpreadGuide;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Inertia\Inertia;
use Inertia\Response;

/** The pages below the stage Plan that show what follows: where to cut, what the frame bears, what the change does. */
final class PlanPageController extends Controller
{
    public function cut(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return $this->page($request, $job, 'jobs/cut', 'cut', CutPageProps::from(PlannedJob::of($job)));
    }

    public function stand(StandRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(StandProps::from(PlannedJob::of($job)->core, $request->values()));
    }

    public function spread(SpreadRequest $request, Job $job, string $cut, KeepSpread $keep): JsonResponse
    {
        $this->authorize('work', $job);
        $planned = PlannedJob::of($job);
        $plan = $planned->plan ?? abort(404);
        $guide = SpreadGuide::across($plan, $plan->shifts->of($cut) ?? abort(404)) ?? abort(422, 'The chart has too few points about this cut.');
        $readings = $request->values();
        // What cannot be worked out is not kept.
        SpreadRound::of($guide, $readings, $planned->shop);
        $keep->add($job, $this->user($request), $cut, $readings);

        return new JsonResponse(SpreadProps::all(PlannedJob::of($job)));
    }

    public function takeBackSpread(Job $job, string $cut, KeepSpread $keep): JsonResponse
    {
        $this->authorize('work', $job);
        $keep->takeBack($job, $cut);

        return new JsonResponse(SpreadProps::all(PlannedJob::of($job)));
    }

    public function splice(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return $this->page($request, $job, 'jobs/splice', 'splice', SplicePageProps::from(PlannedJob::of($job), null));
    }

    public function compareSplices(SpliceRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(SplicePageProps::from(PlannedJob::of($job), $request->values()));
    }

    public function mounts(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return $this->page($request, $job, 'jobs/mounts', 'mounts', MountsProps::from(PlannedJob::of($job)));
    }

    public function spaceMounts(MountsRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(MountedProps::along(PlannedJob::of($job), $request->values()));
    }

    public function fitBrackets(BracketsRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(BracketedProps::from(PlannedJob::of($job), $request->values()));
    }

    public function boltMount(BoltsRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(BoltedProps::of(PlannedJob::of($job), $request->values()));
    }

    public function cutBody(BodyCutRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(BodyCutProps::of(PlannedJob::of($job), $request->values()));
    }

    public function loads(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return $this->page($request, $job, 'jobs/loads', 'loads', LoadsProps::from(PlannedJob::of($job)));
    }

    public function moveLoad(MovingLoadRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(MovedLoadProps::of(PlannedJob::of($job), $request->values()));
    }

    public function pullWinch(WinchRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(WinchedProps::of(PlannedJob::of($job), $request->values()));
    }

    public function hangBeside(BesideRequest $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(BesideProps::of(PlannedJob::of($job), $request->values()));
    }

    public function after(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return $this->page($request, $job, 'jobs/after', 'after', ConsequencesProps::from(PlannedJob::of($job)));
    }

    public function tick(Request $request, Job $job, TickAlong $tick): JsonResponse
    {
        $this->authorize('work', $job);
        $tick->handle($job, $this->text($request, 'feature'), $request->boolean('done'));

        return new JsonResponse(ConsequencesProps::from(PlannedJob::of($job)));
    }

    public function papers(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/papers', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'document' => route('papers.document', $job->id), 'pdf' => route('papers.pdf', $job->id)]);
    }

    public function document(Request $request, Job $job, PlanPapers $papers): PlainResponse
    {
        $this->authorize('view', $job);

        return new PlainResponse($papers->html($job, $this->user($request)));
    }

    public function pdf(Request $request, Job $job, PlanPapers $papers, Paper $paper): PlainResponse
    {
        $this->authorize('view', $job);

        return $paper->pdf($papers->html($job, $this->user($request), forPdf: true), $job->title, $papers->state($job));
    }

    private function page(Request $request, Job $job, string $page, string $key, object $props): Response
    {
        return Inertia::render($page, ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), $key => $props]);
    }
}
