<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\StockItemProps;
use App\Http\Requests\StockRequest;
use App\Models\Job;
use App\Models\StockItem;
use Illuminate\Http\JsonResponse;

/** The rack of a shop, as it is kept beside a job's cut list. */
final class StockController extends Controller
{
    private const MOST = 500;

    public function store(StockRequest $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        abort_if($job->workshop->stock()->count() >= self::MOST, 422, sprintf('A rack holds no more than %d entries.', self::MOST));
        $job->workshop->stock()->create([...$request->item(), 'is_remnant' => false]);

        return $this->rack($job);
    }

    public function update(StockRequest $request, Job $job, StockItem $item): JsonResponse
    {
        $this->authorize('work', $job);
        abort_unless($item->workshop_id === $job->workshop_id, 404);
        $item->update($request->item());

        return $this->rack($job);
    }

    public function destroy(Job $job, StockItem $item): JsonResponse
    {
        $this->authorize('work', $job);
        abort_unless($item->workshop_id === $job->workshop_id, 404);
        $item->delete();

        return $this->rack($job);
    }

    private function rack(Job $job): JsonResponse
    {
        return new JsonResponse(array_values($job->workshop->stock()->get()->map(StockItemProps::from(...))->all()));
    }
}
