<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\BenchRound;
use App\Models\Job;
use Illuminate\Database\Eloquent\Model;

/**
 * The bench and the rounds that brought it level, square and loaded; core does not compute with it.
 *
 * @implements SavedPart<Job>
 */
final readonly class BenchPart implements JobPart, SavedPart
{
    public function name(): string
    {
        return 'the bench';
    }

    /** @param  Job  $owner */
    public function state(Model $owner): mixed
    {
        return $owner->fresh()?->bench;
    }

    public function layOut(Job $job, Layout $as): array
    {
        if (! $as->asTyped) {
            return [];
        }

        return ['bench' => array_filter([
            'jig' => $job->bench,
            'rounds' => $job->benchRounds->map(fn (BenchRound $round): array => array_filter([
                'kind' => $round->kind,
                'input' => (object) $round->input,
                'worst' => $round->worst_mm,
                'good' => $round->good,
                'by' => $round->user?->name,
                'at' => $round->created_at->utc()->format('Y-m-d\TH:i:s\Z'),
            ], fn (mixed $part): bool => $part !== null))->values()->all(),
        ], fn (mixed $part): bool => $part !== null && $part !== [])];
    }

    public function import(Job $stored, Import $from): void
    {
        $bench = $from->section('bench');
        if ($bench === []) {
            return;
        }
        $stored->update(['bench' => $bench['jig'] ?? null]);
        foreach (is_array($bench['rounds'] ?? null) ? $bench['rounds'] : [] as $round) {
            if (is_array($round)) {
                $stored->benchRounds()->create(['kind' => $round['kind'], 'input' => $round['input'], 'worst_mm' => $round['worst'] ?? 0, 'good' => $round['good'] ?? false, 'user_id' => $from->by($round), 'created_at' => $from->at($round)]);
            }
        }
    }
}
