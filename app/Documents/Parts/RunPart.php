<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Part;

/** What happened while a job was done, and steps that a person put in; core reads nothing of it. A part's step is named by its place among the parts. Pictures stay behind. */
final readonly class RunPart implements JobPart
{
    private const KINDS = ['begun', 'done', 'reopened', 'reading', 'run', 'temperature', 'note', 'otherwise', 'stop', 'picture', 'voice'];

    /** What persons decided about the sheet, by its name in the file. */
    private const DECIDED = ['steps' => 'own_steps', 'order' => 'run_arrows', 'strip' => 'strip_list', 'welds' => 'weld_choices', 'coatings' => 'coatings', 'handOver' => 'hand_over'];

    public function layOut(Job $job, Layout $as): array
    {
        if (! $as->asTyped) {
            return [];
        }
        $parts = array_flip($job->parts->map(fn (Part $one): int => $one->id)->all());
        $entries = $job->logEntries()->with('user')->get();
        $places = array_flip($entries->map(fn (LogEntry $one): int => $one->id)->all());
        $place = fn (int $id): ?string => isset($parts[$id]) ? "#$parts[$id]" : null;
        $log = $entries->map(fn (LogEntry $one): array => [
            'id' => $one->client_id, 'step' => self::named($one->step, $place), 'kind' => $one->kind, 'text' => $one->text, 'by' => $one->user->name ?? '', 'at' => $one->created_at->utc()->format('Y-m-d\TH:i:s\Z'),
            ...($one->data === null ? [] : ['data' => $one->data]), ...($one->supersedes === null ? [] : ['supersedes' => $places[$one->supersedes] ?? 0]),
        ])->values()->all();

        $run = ['log' => $log];
        foreach (self::DECIDED as $name => $column) {
            $kept = $job->getAttribute($column);
            $run[$name] = is_array($kept) ? $kept : [];
        }
        $run['order'] = array_map(fn (array $one): array => array_map(fn (mixed $step): string => self::named(is_string($step) ? $step : '', $place), array_intersect_key($one, ['first' => 0, 'then' => 0])), array_filter($run['order'], is_array(...)));
        $run = array_filter($run, fn (array $one): bool => $one !== []);

        return ['run' => $run === [] ? null : $run];
    }

    public function import(Job $stored, Import $from): void
    {
        $run = $from->section('run');
        $parts = $stored->parts()->pluck('id')->all();
        $id = fn (int $place): ?string => is_int($parts[$place] ?? null) ? (string) $parts[$place] : null;
        $decided = [];
        foreach (self::DECIDED as $name => $column) {
            $kept = $run[$name] ?? null;
            $decided[$column] = is_array($kept) && $kept !== [] ? $kept : null;
        }
        $arrows = array_filter($decided['run_arrows'] ?? [], is_array(...));
        $decided['run_arrows'] = $arrows === [] ? null : array_map(fn (array $one): array => array_map(fn (mixed $step): string => self::named(is_string($step) ? $step : '', $id), $one), array_values($arrows));
        $stored->update($decided);
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
