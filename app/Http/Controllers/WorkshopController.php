<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\WorkshopProps;
use App\Http\Requests\WorkshopRequest;
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

    public function update(WorkshopRequest $request): RedirectResponse
    {
        $workshop = $this->user($request)->workshop;
        $this->authorize('update', $workshop);
        $workshop->update($request->settings());

        return back()->with('notice', 'The shop settings are kept.');
    }
}
