<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Saving\SavePart;
use App\Actions\Workshop\SaveSettings;
use App\Archive\ShopArchive;
use App\Documents\Parts\ShopSettings;
use App\Http\Props\WorkshopProps;
use App\Http\Requests\WorkshopRequest;
use App\Models\AuditEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class WorkshopController extends Controller
{
    public function edit(Request $request): Response
    {
        $workshop = $this->user($request)->workshop;
        $this->authorize('update', $workshop);

        return Inertia::render('workshop', ['workshop' => WorkshopProps::from($workshop)]);
    }

    /** Everything that the shop has, as one file. */
    public function archive(Request $request, ShopArchive $archive): BinaryFileResponse
    {
        $me = $this->user($request);
        $this->authorize('update', $me->workshop);
        $path = (string) tempnam(sys_get_temp_dir(), 'geodex');
        $archive->write($me->workshop, $path);
        AuditEntry::note($me->workshop_id, $me, 'archive taken out', '');

        return response()->download($path, (Str::slug($me->workshop->name) ?: 'shop').'-'.Carbon::now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
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
