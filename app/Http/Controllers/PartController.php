<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Parts\KeepPart;
use App\Actions\Parts\MirrorPart;
use App\Actions\Parts\MovePart;
use App\Documents\AskedParts;
use App\Documents\PlannedJob;
use App\Http\Props\JobProps;
use App\Http\Props\PartsProps;
use App\Http\Props\PlateOutlineProps;
use App\Http\Requests\FileRequest;
use App\Http\Requests\PartRequest;
use App\Http\Requests\PartStateRequest;
use App\Models\Job;
use App\Models\Part;
use Geodex\Core\Parts\Files\DxfReader;
use Geodex\Core\Parts\PartState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The stage Parts: what is made, worked out, tried and cut. */
final class PartController extends Controller
{
    public function index(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/parts', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'parts' => PartsProps::from($job)]);
    }

    /** A part by itself; with the state that a paper was made from, whether that is still the one in force. */
    public function show(Request $request, Job $job, Part $part): Response
    {
        $this->authorize('view', $job);
        $this->mustBeOf($job, $part);

        return Inertia::render('jobs/part', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'parts' => PartsProps::from($job), 'part' => $part->id, 'paper' => $request->query('state') === null ? null : $this->text($request, 'state')]);
    }

    public function store(PartRequest $request, Job $job, KeepPart $keep): JsonResponse
    {
        $this->authorize('work', $job);
        $keep->handle($job, $this->user($request), $request->entered(), points: $request->points());

        return $this->parts($job);
    }

    /** Takes what the plan or the running gear asks for: one of it, or all. */
    public function take(Request $request, Job $job, KeepPart $keep): JsonResponse
    {
        $this->authorize('work', $job);
        $key = $this->text($request, 'key');
        foreach (AskedParts::open(AskedParts::of(PlannedJob::of($job)), $job->parts()->pluck('asked_by')->all()) as $one) {
            if ($key === '' ? $one->isFirst : $one->key === $key) {
                $keep->take($job, $this->user($request), $one);
            }
        }

        return $this->parts($job);
    }

    public function update(PartRequest $request, Job $job, Part $part, KeepPart $keep): JsonResponse
    {
        $this->authorize('work', $job);
        $this->mustBeOf($job, $part);
        abort_if($part->mirrors !== null && $part->tool !== $request->tool(), 422, 'A mirror image is made as its original.');
        $keep->handle($job, $this->user($request), $request->entered(), $part, $this->readAt($request), $request->boolean('isCorrection'), $request->points());

        return $this->parts($job);
    }

    public function mirror(Request $request, Job $job, Part $part, MirrorPart $mirror): JsonResponse
    {
        $this->authorize('work', $job);
        $this->mustBeOf($job, $part);
        $mirror->handle($part, $this->user($request));

        return $this->parts($job);
    }

    public function move(PartStateRequest $request, Job $job, Part $part, MovePart $move): JsonResponse
    {
        $this->authorize('work', $job);
        $this->mustBeOf($job, $part);
        $request->state() === PartState::Drawn ? $move->back($part) : $move->handle($part, $this->user($request), $request->state(), $request->note());

        return $this->parts($job);
    }

    /** What asks for it says otherwise now: taken over, and to be tried again. */
    public function takeOver(Request $request, Job $job, Part $part, KeepPart $keep): JsonResponse
    {
        $this->authorize('work', $job);
        $this->mustBeOf($job, $part);
        $asked = AskedParts::of(PlannedJob::of($job))[$part->asked_by ?? ''] ?? null;
        abort_if($asked === null && $part->points === null, 422, 'Nothing asks for this part any more: keep it as it is, or remove it.');
        $given = $asked === null ? $part->given : $part->sheet()->takenOver($asked->given);
        $kept = $keep->handle($job, $this->user($request), [...$part->only(['tool', 'title', 'count', 'side', 'material', 'used', 'stock']), 'given' => $given], $part, points: $part->fromSurvey());
        if ($asked !== null) {
            $kept->update(['facts' => $asked->given]);
        }

        return $this->parts($job);
    }

    public function destroy(Job $job, Part $part): JsonResponse
    {
        $this->authorize('work', $job);
        $this->mustBeOf($job, $part);
        $part->delete();

        return $this->parts($job);
    }

    /** The outline of a DXF file, as a plate takes it; nothing is kept. */
    public function outline(FileRequest $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);

        return new JsonResponse(PlateOutlineProps::from(DxfReader::read($request->contents())));
    }

    private function mustBeOf(Job $job, Part $part): void
    {
        abort_unless($part->job_id === $job->id, 404);
    }

    private function parts(Job $job): JsonResponse
    {
        return new JsonResponse(PartsProps::from($job));
    }
}
