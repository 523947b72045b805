<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Reference\AddSource;
use App\Actions\Reference\CompareSources;
use App\Actions\Reference\SaveChart;
use App\Actions\Reference\UseSource;
use App\Actions\Saving\SavePart;
use App\Documents\Parts\PointsPart;
use App\Http\Props\ComparisonProps;
use App\Http\Props\JobProps;
use App\Http\Props\ReferenceProps;
use App\Http\Requests\SourceRequest;
use App\Http\Requests\TypedChartRequest;
use App\Models\Job;
use App\Models\Survey;
use Geodex\Core\JobFile\JobReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What the frame should measure: chart, lengths, sister, own earlier survey, or its own mirror image. */
final class ReferenceController extends Controller
{
    public function show(Request $request, Job $job, JobReader $jobs, CompareSources $compare): Response
    {
        $this->authorize('view', $job);
        $survey = $this->latestSurvey($job);
        [$first, $second] = [$this->text($request, 'first'), $this->text($request, 'second')];
        $comparison = $compare->handle($job, $survey, $first, $second);

        return Inertia::render('jobs/reference', [
            'job' => JobProps::from($job, $survey, $this->user($request)),
            'reference' => ReferenceProps::from($job, $this->user($request), $jobs),
            'comparison' => $comparison === null ? null : ComparisonProps::from($first, $second, $comparison),
        ]);
    }

    public function chart(TypedChartRequest $request, Job $job, SaveChart $save, SavePart $part, JobReader $jobs): JsonResponse
    {
        $this->authorize('work', $job);
        $part->handle(new PointsPart, $job, $this->readAt($request), fn () => $save->handle($job, $request->points(), $request->unit(), $request->untouched()));

        return new JsonResponse(ReferenceProps::from($job->refresh(), $this->user($request), $jobs));
    }

    public function upload(SourceRequest $request, Job $job, AddSource $add): RedirectResponse
    {
        $this->authorize('work', $job);
        $source = $add->fromFile($job, $request->contents(), $request->kind(), $request->unit(), $request->string('name')->value());

        return redirect()->route('reference', $job->id)->with('notice', "“{$source->name}” was added. Use it, or compare it with another.");
    }

    public function fromSurvey(Request $request, Job $job, AddSource $add): RedirectResponse
    {
        $this->authorize('work', $job);
        /** @var array{survey: int|string, name: string} $given */
        $given = $request->validate(['survey' => ['required', 'integer'], 'name' => ['required', 'string', 'max:120']]);
        $survey = Survey::with('job.workshop')->whereKey($given['survey'])->firstOrFail();
        $this->authorize('view', $survey->job);
        $source = $add->fromSurvey($job, $survey, $given['name']);

        return redirect()->route('reference', $job->id)->with('notice', "“{$source->name}” was added. Use it, or compare it with another.");
    }

    public function use(Request $request, Job $job, UseSource $use): RedirectResponse
    {
        $this->authorize('work', $job);
        $code = $this->text($request, 'source');
        $use->handle($job, $code === '' ? null : $job->sources()->where('code', $code)->firstOrFail());

        return redirect()->route('reference', $job->id)->with('notice', $code === '' ? 'The frame is held against its own mirror image now.' : 'The reference is in force; every survey is held against it now.');
    }
}
