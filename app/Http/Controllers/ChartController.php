<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\ImportJob;
use App\Http\Requests\ChartRequest;
use App\Import\ChartCsv;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** A new job from a chart in CSV. */
final class ChartController extends Controller
{
    public function store(ChartRequest $request, ChartCsv $chart, ImportJob $import): RedirectResponse
    {
        $this->authorize('create', Job::class);
        $user = $this->user($request);
        $document = $chart->read($request->contents(), $request->string('title')->value(), $request->string('vehicle')->value(), $request->units());
        $job = $import->handle($user->workshop, $user, $document);

        return redirect()->route('job', $job->id)->with('notice', 'The chart was taken in. Take the first reading.');
    }
}
