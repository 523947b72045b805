<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Instruments\ReadSimulatedDial;
use App\Actions\Instruments\TakeDialLine;
use App\Http\Props\DialProps;
use App\Models\DialReading;
use App\Models\Instrument;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A dial that reads by itself: what it sends of a shaft, and what a screen makes of it. */
final class DialController extends Controller
{
    private const MAX_LINES = 500;

    public function show(Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return new JsonResponse(DialProps::of($job));
    }

    /** From now on the instrument reads for this job. */
    public function attach(Request $request, Job $job, ReadSimulatedDial $simulated): JsonResponse
    {
        $this->authorize('work', $job);
        $instrument = Instrument::query()->where('workshop_id', $job->workshop_id)->findOrFail($request->integer('instrument'));
        $instrument->update(['survey_id' => $this->latestSurvey($job)->id]);
        $simulated->handle($instrument, $job);

        return new JsonResponse(DialProps::of($job));
    }

    public function clear(Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        DialReading::query()->where('job_id', $job->id)->delete();

        return new JsonResponse(DialProps::of($job));
    }

    public function store(Request $request, TakeDialLine $take): Response
    {
        $instrument = $request->attributes->get('instrument');
        assert($instrument instanceof Instrument);
        $job = $instrument->survey->job ?? abort(409, 'The instrument is not attached to a job: choose it on the page Run-out.');
        $answers = '';
        foreach (array_slice(array_filter(explode("\n", $request->getContent()), fn (string $line): bool => trim($line) !== ''), 0, self::MAX_LINES) as $line) {
            $decoded = json_decode($line, true, 8);
            $answers .= json_encode(is_array($decoded) ? $take->handle($instrument, $job, $decoded) : ['id' => '', 'stored' => false, 'error' => 'This line is no JSON object.'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)."\n";
        }

        return new Response($answers === '' ? "{\"stored\":false,\"error\":\"Send one JSON object a line.\"}\n" : $answers, $answers === '' ? 422 : 200, ['Content-Type' => 'application/x-ndjson']);
    }
}
