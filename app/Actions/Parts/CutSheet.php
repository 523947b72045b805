<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Job;
use App\Models\Part;
use App\Models\StockItem;
use App\Parts\LaidPiece;
use App\Parts\Nest;
use App\Parts\NestedSheet;
use Geodex\Core\Parts\PartState;
use Geodex\Core\Parts\Remnant;
use Illuminate\Support\Facades\DB;

/** One sheet of plates was cut: it leaves the rack, the strip above its plates goes back, and released parts that lay on it whole are cut. */
final readonly class CutSheet
{
    public function handle(Job $job, string $sheet, int $number): void
    {
        DB::transaction(function () use ($job, $sheet, $number): void {
            $job->workshop->stock()->lockForUpdate()->get();
            foreach (Nest::of($job) as $nest) {
                foreach ($nest->sheets as $one) {
                    if ($one->sheet === $sheet && $one->number === $number) {
                        abort_if($one->faults !== [], 422, 'Parts on this sheet lie over its border or too near to each other.');
                        $this->take($job, $one);
                        $this->done($job, $one);

                        return;
                    }
                }
            }
            abort(404);
        });
    }

    private function take(Job $job, NestedSheet $sheet): void
    {
        $item = StockItem::query()->lockForUpdate()->findOrFail((int) $sheet->sheet);
        if ($item->count !== null) {
            $item->count > 1 || ! $item->is_remnant ? $item->update(['count' => max(0, $item->count - 1)]) : $item->delete();
        }
        $top = max(array_map(fn (array $corners): float => max([0.0, ...array_column($corners, 1)]), [[[0.0, 0.0]], ...array_values($sheet->corners)]));
        $left = Remnant::kept($sheet->height - $top - Nest::BORDER);
        if ($left !== null) {
            $job->workshop->stock()->create(['stock' => $item->stock, 'length' => $sheet->width, 'width' => $left, 'count' => 1, 'is_remnant' => true]);
        }
    }

    private function done(Job $job, NestedSheet $sheet): void
    {
        $here = array_count_values(array_map(fn (LaidPiece $one): int => $one->part, $sheet->pieces));
        foreach ($job->parts()->whereIn('id', array_keys($here))->where('state', PartState::Released->value)->get() as $part) {
            /** @var Part $part */
            if ($here[$part->id] === $part->count) {
                $part->update(['state' => PartState::Cut]);
            }
        }
        $keys = array_flip(array_map(fn (LaidPiece $one): string => $one->key, $sheet->pieces));
        $job->update(['nest' => array_diff_key($job->nest ?? [], $keys)]);
    }
}
