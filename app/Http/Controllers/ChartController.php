<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\ImportJob;
use App\Http\Requests\ChartRequest;
use App\Import\ChartCsv;
use App\Models\Job;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Reference\ChartChecker;
use Illuminate\Http\RedirectResponse;

/** A new job from a chart in CSV. */
final class ChartController extends Controller
{
    public function store(ChartRequest $request, ChartCsv $chart, ImportJob $import, JobReader $reader): RedirectResponse
    {
        $this->authorize('create', Job::class);
        $user = $this->user($request);
        $document = $chart->read($request->contents(), $request->string('title')->value(), $request->string('vehicle')->value(), $request->units());
        $job = $import->handle($user->workshop, $user, $document);

        // A slip in a chart is cheapest before the first reading.
        return $this->looksWrong($reader, $document)
            ? redirect()->route('reference', $job->id)->with('notice', 'The chart was taken in. Look at what seems wrong in it before the first reading.')
            : redirect()->route('job', $job->id)->with('notice', 'The chart was taken in. Take the first reading.');
    }

    /** @param  array<string, mixed>  $document */
    private function looksWrong(JobReader $reader, array $document): bool
    {
        return (new ChartChecker)->check($reader->fromDocument($document)->frame) !== [];
    }
}
