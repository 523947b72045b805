<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Part;

/** What happened while a job was done, and steps that a person put in; core reads nothing of it. A part's step is named by its place among the parts. Pictures stay behind. */
final readonly class RunPart implements JobPart
{
    private const KINDS = ['done', 'reopened', 'reading', 'run', 'note', 'otherwise', 'stop', 'picture'];

    public function layOut(Job $job, Layout $as): array
    {
        if (! $as->asTyped) {
            return [];
        }
        $parts = array_flip($job->parts->map(fn (Part $one): int => $one->id)->all());
        $entries = $job->logEntries()->with('user')->get();
        $places = array_flip($entries->map(fn (LogEntry $one): int => $one->id)->all());
        $log = $entries->map(fn (LogEntry $one): array => [
            'id' => $one->client_id, 'step' => self::named($one->step, fn (int $id): ?string => isset($parts[$id]) ? "#$parts[$id]" : null), 'kind' => $one->kind, 'text' => $one->text, 'by' => $one->user->name ?? '', 'at' => $one->created_at->utc()->format('Y-m-d\TH:i:s\Z'),
            ...($one->data === null ? [] : ['data' => $one->data]), ...($one->supersedes === null ? [] : ['supersedes' => $places[$one->supersedes] ?? 0]),
        ])->values()->all();

        return ['run' => $log === [] && ($job->own_steps ?? []) === [] ? null : array_filter(['steps' => $job->own_steps ?? [], 'log' => $log], fn (array $one): bool => $one !== [])];
    }

    public function import(Job $stored, Import $from): void
    {
        $run = $from->section('run');
        $steps = array_values(array_filter(is_array($run['steps'] ?? null) ? $run['steps'] : [], is_array(...)));
        $stored->update(['own_steps' => $steps === [] ? null : $steps]);
        $parts = $stored->parts()->pluck('id')->all();
        $made = [];
        foreach (is_array($run['log'] ?? null) ? $run['log'] : [] as $entry) {
            $made[] = is_array($entry) ? $this->entry($stored, $from, $entry, $parts, $made) : null;
        }
    }

    /**
     * @param  array<mixed>  $entry
     * @param  array<mixed>  $parts  ids, in order
     * @param  list<?LogEntry>  $made
     */
    private function entry(Job $stored, Import $from, array $entry, array $parts, array $made): ?LogEntry
    {
        $text = fn (string $key): string => is_string($entry[$key] ?? null) ? $entry[$key] : '';
        $kind = $text('kind');
        $supersedes = is_int($entry['supersedes'] ?? null) ? $made[$entry['supersedes']] ?? null : null;

        return ! in_array($kind, self::KINDS, true) || $text('id') === '' || $stored->logEntries()->where('client_id', $text('id'))->exists() ? null : $stored->logEntries()->create([
            'client_id' => $text('id'), 'kind' => $kind, 'text' => $text('text'), 'data' => $entry['data'] ?? null, 'supersedes' => $supersedes?->id, 'user_id' => $from->by($entry), 'created_at' => $from->at($entry),
            'step' => self::named($text('step'), fn (int $place): ?string => is_int($parts[$place] ?? null) ? (string) $parts[$place] : null),
        ]);
    }

    /** @param  \Closure(int): ?string  $as  what stands for the number of a part; null where it is gone */
    private static function named(string $step, \Closure $as): string
    {
        return (string) preg_replace_callback('/^(part|first)-#?(\d+)$/', fn (array $found): string => "$found[1]-".($as((int) $found[2]) ?? 'gone'), $step);
    }
}
