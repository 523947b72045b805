<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\ImportReadings;
use App\Http\Requests\FileRequest;
use App\Import\ReadingsCsv;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Readings of a survey as a table, in and out. */
final class ReadingTableController extends Controller
{
    public function show(Job $job, string $survey, ReadingsCsv $csv): Response
    {
        $this->authorize('view', $job);

        return new Response($csv->write($this->survey($job, $survey)), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"readings-$survey.csv\""]);
    }

    public function store(FileRequest $request, Job $job, string $survey, ImportReadings $take): RedirectResponse
    {
        $this->authorize('work', $job);
        $count = $take->handle($this->survey($job, $survey), $this->user($request), $request->contents());

        return redirect()->route('survey', [$job->id, $survey])->with('notice', "$count readings were taken in.");
    }
}
