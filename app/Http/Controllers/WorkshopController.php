<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Saving\SavePart;
use App\Actions\Workshop\SaveSettings;
use App\Documents\Parts\ShopSettings;
use App\Http\Props\WorkshopProps;
use App\Http\Requests\WorkshopRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class WorkshopController extends Controller
{
    public function edit(Request $request): Response
    {
        $workshop = $this->user($request)->workshop;
        $this->authorize('update', $workshop);

        return Inertia::render('workshop', ['workshop' => WorkshopProps::from($workshop)]);
    }

    public function update(WorkshopRequest $request, SavePart $part, SaveSettings $save): JsonResponse|RedirectResponse
    {
        $workshop = $this->user($request)->workshop;
        $this->authorize('update', $workshop);
        [$preferences, $values] = [$request->preferences(), $request->values()];
        $part->handle(new ShopSettings, $workshop, $this->readAt($request), fn () => $save->handle($workshop, $this->user($request), $preferences, $values));
        if ($request->expectsJson() && ! $request->headers->has('X-Inertia')) {
            return new JsonResponse(WorkshopProps::from($workshop));
        }

        return back()->with('notice', 'The shop settings are kept.');
    }
}
