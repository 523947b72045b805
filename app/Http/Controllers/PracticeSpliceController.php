<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\PracticeSpliceProps;
use App\Http\Requests\PracticeRequest;
use App\Models\PracticeSplice;
use Geodex\Core\Simulation\Practice\Splice\SpliceAction;
use Geodex\Core\Simulation\Practice\Splice\SpliceScore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;

/** The practice bay: a splice made by a run sheet, with what nobody sees in it. */
final class PracticeSpliceController extends Controller
{
    private const MOST = 300;

    public function store(PracticeRequest $request): RedirectResponse
    {
        $splice = PracticeSplice::create(['user_id' => $this->user($request)->id, 'seed' => $request->seed(), 'level' => $request->level(), 'actions' => []]);

        return redirect()->route('practice.splice', $splice->id);
    }

    public function show(PracticeSplice $splice): Response
    {
        $this->authorize('view', $splice);

        return Inertia::render('practice/splice', ['splice' => PracticeSpliceProps::from($splice)]);
    }

    public function act(Request $request, PracticeSplice $splice): JsonResponse
    {
        $this->authorize('work', $splice);
        $action = SpliceAction::of($request->only(['kind', 'step', 'amount'])) ?? abort(422, 'Nothing that can be done: a step, a reading, a move in millimetres, or a piece of weld.');
        DB::transaction(function () use ($splice, $action): void {
            $held = PracticeSplice::query()->lockForUpdate()->findOrFail($splice->id);
            abort_if(count($held->actions) >= self::MOST, 422, 'That is enough for one splice: finish it.');
            $held->update(['actions' => [...$held->actions, $action->toArray()]]);
        });

        return new JsonResponse(PracticeSpliceProps::from($splice->refresh()));
    }

    public function finish(PracticeSplice $splice): JsonResponse
    {
        $this->authorize('work', $splice);
        $exercise = $splice->exercise();
        $splice->update(['score' => SpliceScore::of($exercise, $splice->bench($exercise))->points]);

        return new JsonResponse(PracticeSpliceProps::from($splice));
    }
}
