<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\JobProps;
use App\Http\Props\PictureProps;
use App\Http\Props\ToolProps;
use App\Http\Requests\PictureRequest;
use App\Models\Job;
use App\Models\Picture;
use App\Parts\TakePicture;
use Geodex\Core\Calculators\Plates\PhotoContourCalculator;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;

/** Photographs that contours are taken from. */
final class PictureController extends Controller
{
    private const MOST = 40;

    public function index(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/photo', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'pictures' => $this->pictures($job), 'tool' => ToolProps::from(PhotoContourCalculator::class)]);
    }

    public function store(PictureRequest $request, Job $job, TakePicture $take): JsonResponse
    {
        $this->authorize('work', $job);
        abort_if($job->pictures()->count() >= self::MOST, 422, sprintf('A job keeps no more than %d pictures.', self::MOST));
        $file = $request->picture();
        $job->pictures()->create([...$take->handle((string) $file->getContent()), 'name' => Str::limit(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME), 110, '…') ?: 'Picture', 'user_id' => $this->user($request)->id]);

        return new JsonResponse($this->pictures($job));
    }

    public function show(Job $job, Picture $picture): PlainResponse
    {
        $this->authorize('view', $job);
        abort_unless($picture->job_id === $job->id, 404);

        return new PlainResponse($picture->jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400, immutable']);
    }

    public function destroy(Job $job, Picture $picture): JsonResponse
    {
        $this->authorize('work', $job);
        abort_unless($picture->job_id === $job->id, 404);
        $picture->delete();

        return new JsonResponse($this->pictures($job));
    }

    /** @return list<PictureProps> */
    private function pictures(Job $job): array
    {
        return array_values($job->pictures()->select(['id', 'job_id', 'name', 'width', 'height'])->get()->map(PictureProps::from(...))->all());
    }
}
