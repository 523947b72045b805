<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\BlockReading;
use App\Http\Kept\KeptSurveys;
use App\Models\Job;
use App\Models\Scalar;
use App\Models\Survey;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Readings that cannot be taken on this frame, so that they are not suggested. */
final class BlockedController extends Controller
{
    public function __construct(private readonly KeptSurveys $surveys) {}

    public function store(Request $request, Job $job, string $survey, BlockReading $block): JsonResponse
    {
        $this->authorize('work', $job);
        /** @var array{kind: string, points: array<string>} $given */
        $given = $request->validate(['kind' => ['required', Rule::in(ReadingKinds::names())], 'points' => ['required', 'array', 'min:1', 'max:3'], 'points.*' => ['required', 'string', 'max:40']]);
        $row = $this->survey($job, $survey);
        $block->block($row, $this->user($request), $given['kind'], array_values($given['points']));

        return $this->answer($request, $row);
    }

    public function destroy(Request $request, Job $job, string $survey, BlockReading $block): JsonResponse
    {
        $this->authorize('work', $job);
        $row = $this->survey($job, $survey);
        $block->free($row, $this->text($request, 'reading'));

        return $this->answer($request, $row);
    }

    private function answer(Request $request, Survey $survey): JsonResponse
    {
        $survey->revision = Scalar::int(Survey::whereKey($survey->id)->value('revision'));

        return new JsonResponse(['survey' => $this->surveys->of($survey, $this->user($request))]);
    }
}
