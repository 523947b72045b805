<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Driveline\SaveShaft;
use App\Actions\Saving\SavePart;
use App\Documents\Parts\DrivelinePart;
use App\Http\Props\DrivelineProps;
use App\Http\Props\JobProps;
use App\Http\Requests\ShaftRequest;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class DrivelineController extends Controller
{
    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);
        $survey = $this->latestSurvey($job);

        return Inertia::render('jobs/driveline', ['job' => JobProps::from($job, $survey, $this->user($request)), 'driveline' => DrivelineProps::from($job)]);
    }

    public function update(ShaftRequest $request, Job $job, SaveShaft $save, SavePart $part): JsonResponse
    {
        $this->authorize('work', $job);
        $part->handle(new DrivelinePart, $job, $this->readAt($request), fn () => $save->handle($job, $request->shaft()));

        return new JsonResponse(DrivelineProps::from($job));
    }
}
