<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Practice\MeasureExercise;
use App\Http\Props\PracticeProps;
use App\Http\Props\PracticeRowProps;
use App\Http\Requests\PracticeAnswerRequest;
use App\Http\Requests\PracticeRequest;
use App\Models\PracticeRun;
use App\Models\PracticeSplice;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The practice bay: survey a made-up frame, say what is bent, and see the truth. */
final class PracticeController extends Controller
{
    public function index(Request $request): Response
    {
        $runs = PracticeRun::where('user_id', $this->user($request)->id)->latest('id')->limit(50)->get();

        $splices = PracticeSplice::where('user_id', $this->user($request)->id)->latest('id')->limit(50)->get();

        return Inertia::render('practice/index', ['splices' => $splices->map(fn (PracticeSplice $one): PracticeRowProps => PracticeRowProps::ofSplice($one))->values()->all(), 'runs' => $runs->map(fn (PracticeRun $run): PracticeRowProps => PracticeRowProps::from($run))->values()->all()]);
    }

    public function store(PracticeRequest $request): RedirectResponse
    {
        $run = PracticeRun::create(['user_id' => $this->user($request)->id, 'seed' => $request->seed(), 'level' => $request->level(), 'readings' => []]);

        return redirect()->route('practice.run', $run->id);
    }

    public function show(PracticeRun $run): Response
    {
        $this->authorize('view', $run);

        return Inertia::render('practice/run', ['run' => PracticeProps::from($run)]);
    }

    public function measure(Request $request, PracticeRun $run, MeasureExercise $measure): JsonResponse
    {
        $this->authorize('work', $run);
        /** @var array{call: string} $given */
        $given = $request->validate(['call' => ['required', 'string', 'max:60']], ['call.required' => 'Call the points, such as “BL DR”, or “h BL” for a height.']);
        $measure->handle($run, $given['call']);

        return new JsonResponse(PracticeProps::from($run));
    }

    public function answer(PracticeAnswerRequest $request, PracticeRun $run, MeasureExercise $measure): JsonResponse
    {
        $this->authorize('work', $run);
        $measure->finish($run, $request->statement());

        return new JsonResponse(PracticeProps::from($run));
    }
}
