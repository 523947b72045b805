<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Saving\Part;
use App\Actions\Saving\SavePart;
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

    public function update(WorkshopRequest $request, SavePart $part): JsonResponse|RedirectResponse
    {
        $workshop = $this->user($request)->workshop;
        $this->authorize('update', $workshop);
        $settings = $request->settings();
        $part->handle(Part::Settings, $workshop, $this->readAt($request), fn () => $workshop->update($settings));
        if ($request->expectsJson() && ! $request->headers->has('X-Inertia')) {
            return new JsonResponse(WorkshopProps::from($workshop));
        }

        return back()->with('notice', 'The shop settings are kept.');
    }
}
