<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\MarkReading;
use App\Actions\Survey\RecordReading;
use App\Actions\Survey\UndoLast;
use App\Documents\StoredJob;
use App\Http\Kept\KeptSurveys;
use App\Http\Requests\ReadingRequest;
use App\Http\Requests\StrikeRequest;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Scalar;
use App\Models\Survey;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The log of a survey. Every answer carries the survey as it is now. */
final class ReadingController extends Controller
{
    public function __construct(private readonly KeptSurveys $surveys) {}

    public function store(ReadingRequest $request, Job $job, string $survey, RecordReading $record, StoredJob $jobs): JsonResponse
    {
        $this->authorize('work', $job);
        $row = $this->survey($job, $survey);
        $user = $this->user($request);
        $instrument = $request->filled('instrument') ? $user->workshop->instruments()->find($request->integer('instrument')) : null;
        $called = (new CallReader($jobs->read($job)->frame))->read($request->call(), LengthUnit::from($request->unit()));
        $reading = $record->handle($row, $user, $request->clientId(), $called, $request->unit(), $request->supersedes(), $instrument);

        return $this->answer($request, $row, ['stored' => $reading->client_id]);
    }

    public function strike(StrikeRequest $request, Job $job, string $survey, string $reading, MarkReading $marks): JsonResponse
    {
        $this->authorize('strike', $job);
        $row = $this->survey($job, $survey);
        $marks->strike($this->reading($row, $reading), $this->user($request), $request->reason());

        return $this->answer($request, $row);
    }

    public function restore(Request $request, Job $job, string $survey, string $reading, MarkReading $marks): JsonResponse
    {
        $this->authorize('strike', $job);
        $row = $this->survey($job, $survey);
        $marks->restore($this->reading($row, $reading), $this->user($request));

        return $this->answer($request, $row);
    }

    public function undo(Request $request, Job $job, string $survey, UndoLast $undo): JsonResponse
    {
        $this->authorize('work', $job);
        $row = $this->survey($job, $survey);

        return $this->answer($request, $row, ['undone' => $undo->handle($row, $this->user($request))]);
    }

    private function reading(Survey $survey, string $clientId): Reading
    {
        return Reading::where('survey_id', $survey->id)->where('client_id', $clientId)->firstOrFail();
    }

    /** @param  array<string, mixed>  $more */
    private function answer(Request $request, Survey $survey, array $more = []): JsonResponse
    {
        $survey->revision = Scalar::int(Survey::whereKey($survey->id)->value('revision'));

        return new JsonResponse(['survey' => $this->surveys->of($survey, $this->user($request)), ...$more]);
    }
}
