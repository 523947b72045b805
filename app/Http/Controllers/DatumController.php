<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\DecideDatum;
use App\Http\Kept\KeptSurveys;
use App\Http\Requests\DatumRequest;
use App\Models\Job;
use App\Models\Scalar;
use App\Models\Survey;
use Illuminate\Http\JsonResponse;

/** Which points carry the datum, where a person decides it. */
final class DatumController extends Controller
{
    public function store(DatumRequest $request, Job $job, string $survey, DecideDatum $decide, KeptSurveys $surveys): JsonResponse
    {
        $this->authorize('work', $job);
        $row = $this->survey($job, $survey);
        $decide->handle($row, $this->user($request), $request->pointId($job), $request->choice(), $request->string('reason')->trim()->value());
        $row->revision = Scalar::int(Survey::whereKey($row->id)->value('revision'));

        return new JsonResponse(['survey' => $surveys->of($row, $this->user($request))]);
    }
}
