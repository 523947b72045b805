<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Instruments\AskInstrument;
use App\Actions\Instruments\CheckInstrument;
use App\Http\Kept\KeptSurveys;
use App\Http\Props\InstrumentProps;
use App\Http\Requests\InstrumentCheckRequest;
use App\Http\Requests\InstrumentFormRequest;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Scalar;
use App\Models\Survey;
use Geodex\Core\Frame\Code;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;

/** The tools of the shop, their checks, and the readings that one asks of them. */
final class InstrumentController extends Controller
{
    public function index(Request $request): Response
    {
        $user = $this->user($request);

        return Inertia::render('instruments', [
            'instruments' => $user->workshop->instruments()->get()->map(fn (Instrument $instrument): InstrumentProps => InstrumentProps::from($instrument))->values()->all(),
            'canWork' => $user->can('create', Instrument::class),
            'token' => $request->session()->get('token'),
        ]);
    }

    public function store(InstrumentFormRequest $request): RedirectResponse
    {
        $this->authorize('create', Instrument::class);
        $this->user($request)->workshop->instruments()->create($request->instrument());

        return redirect()->route('instruments');
    }

    public function update(InstrumentFormRequest $request, Instrument $instrument): RedirectResponse
    {
        $this->authorize('update', $instrument);
        $instrument->update($request->instrument());

        return redirect()->route('instruments');
    }

    public function check(InstrumentCheckRequest $request, Instrument $instrument, CheckInstrument $check): RedirectResponse
    {
        $this->authorize('update', $instrument);
        $check->handle($instrument, ...$request->check());

        return redirect()->route('instruments');
    }

    /** A new token; it is shown once and only its hash is kept. */
    public function token(Instrument $instrument): RedirectResponse
    {
        $this->authorize('update', $instrument);
        $token = Str::random(40);
        $instrument->update(['token_hash' => hash('sha256', $token)]);

        return redirect()->route('instruments')->with('token', ['instrument' => $instrument->id, 'token' => $token]);
    }

    public function ask(Request $request, Job $job, string $survey, AskInstrument $ask, KeptSurveys $surveys): JsonResponse
    {
        $this->authorize('work', $job);
        /** @var array{instrument: int|string, id: string, call: string} $given */
        $given = $request->validate(['instrument' => ['required', 'integer'], 'id' => ['required', 'string', 'regex:'.Code::PATTERN], 'call' => ['required', 'string', 'max:100']]);
        $row = $this->survey($job, $survey);
        $instrument = $this->user($request)->workshop->instruments()->whereKey($given['instrument'])->firstOrFail();
        $reading = $ask->handle($row, $this->user($request), $instrument, $given['id'], $given['call']);
        $row->revision = Scalar::int(Survey::whereKey($row->id)->value('revision'));

        return new JsonResponse(['stored' => $reading?->client_id, 'survey' => $surveys->of($row, $this->user($request))]);
    }
}
