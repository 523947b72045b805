<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Job;
use App\Models\Part;
use App\Models\StockItem;
use App\Parts\CutLists;
use App\Parts\SawnBar;
use Geodex\Core\Parts\PartState;
use Geodex\Core\Parts\Remnant;
use Illuminate\Support\Facades\DB;

/** One cut list was sawn: its bars leave the rack, what is left of them goes back, and released parts are cut. */
final readonly class SawStock
{
    public function handle(Job $job, string $stock, float $kerf, float $trim): void
    {
        DB::transaction(function () use ($job, $stock, $kerf, $trim): void {
            $job->workshop->stock()->lockForUpdate()->get();
            foreach (CutLists::of($job, $kerf, $trim) as $list) {
                if ($list->stock !== $stock) {
                    continue;
                }
                abort_if($list->bars === [], 422, 'Nothing of it can be sawn now.');
                foreach ($list->bars as $bar) {
                    $this->take($job, $bar);
                }
                Part::query()->whereIn('id', array_unique(array_column($list->parts, 'part')))->where('state', PartState::Released->value)->update(['state' => PartState::Cut->value]);
            }
        });
    }

    private function take(Job $job, SawnBar $bar): void
    {
        $item = StockItem::query()->lockForUpdate()->findOrFail($bar->stockItem);
        if ($item->count !== null) {
            $item->count > 1 || ! $item->is_remnant ? $item->update(['count' => max(0, $item->count - 1)]) : $item->delete();
        }
        $left = Remnant::kept($bar->offcut);
        if ($left === null) {
            return;
        }
        $same = $job->workshop->stock()->where('stock', $item->stock)->where('is_remnant', true)->whereBetween('length', [$bar->offcut - 0.5, $bar->offcut + 0.5])->first();
        $same === null ? $job->workshop->stock()->create(['stock' => $item->stock, 'length' => $left, 'count' => 1, 'is_remnant' => true]) : $same->increment('count');
    }
}
