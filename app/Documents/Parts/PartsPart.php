<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use App\Models\Part;
use App\Models\Worksheet;
use App\Parts\PartTools;
use Geodex\Core\Parts\PartState;

/** What is made for a job; core reads nothing of it. A sheet of the running gear that asks for one is named by its place among the sheets. */
final readonly class PartsPart implements JobPart
{
    public function layOut(Job $job, Layout $as): array
    {
        if (! $as->asTyped) {
            return [];
        }
        $places = array_flip($job->parts->map(fn (Part $one): int => $one->id)->all());
        $sheets = array_flip($job->worksheets->map(fn (Worksheet $one): string => "gear:$one->id")->all());

        return ['parts' => $job->parts->map(fn (Part $one): array => [
            'tool' => $one->tool, 'title' => $one->title, 'given' => (object) $one->given, 'count' => $one->count, 'side' => $one->side, 'material' => $one->material, ...($one->used === '' ? [] : ['used' => $one->used]), ...($one->points === null ? [] : ['points' => $one->points]), 'stock' => $one->stock, 'state' => $one->state->value,
            ...($one->first_article === null ? [] : ['firstArticle' => $one->first_article]), ...($one->mirrors === null ? [] : ['mirrors' => $places[$one->mirrors] ?? 0]), ...($one->facts === null ? [] : ['facts' => (object) $one->facts]),
            ...($one->asked_by === null ? [] : ['askedBy' => isset($sheets[$one->asked_by]) ? "gear:#{$sheets[$one->asked_by]}" : $one->asked_by]),
        ])->values()->all()];
    }

    public function import(Job $stored, Import $from): void
    {
        $sheets = $stored->worksheets()->pluck('id')->all();
        $made = [];
        foreach ($from->section('parts') as $part) {
            $place = is_array($part) && is_int($part['mirrors'] ?? null) ? $part['mirrors'] : null;
            $made[] = is_array($part) && ($place === null || ($made[$place] ?? null) !== null) ? $this->one($stored, $from, $part, $sheets, $place === null ? null : $made[$place]) : null;
        }
    }

    /**
     * A part that nothing can be worked out of is kept as well: it says so on its page.
     *
     * @param  array<mixed>  $part
     * @param  array<mixed>  $sheets  ids of the running gear, in order
     */
    private function one(Job $stored, Import $from, array $part, array $sheets, ?Part $mirrors): ?Part
    {
        $text = fn (string $key): string => is_string($part[$key] ?? null) ? $part[$key] : '';
        if (! in_array($text('tool'), PartTools::names(), true)) {
            return null;
        }
        $asked = preg_match('/^gear:#(\d+)$/', $text('askedBy'), $at) === 1 ? 'gear:'.(is_int($sheets[(int) $at[1]] ?? null) ? $sheets[(int) $at[1]] : 0) : $text('askedBy');

        return $stored->parts()->create([
            'tool' => $text('tool'), 'title' => $text('title'), 'given' => $part['given'] ?? [], 'facts' => $part['facts'] ?? null, 'asked_by' => $asked === '' ? null : $asked, 'count' => $part['count'] ?? 1, 'side' => $text('side') === '' ? 'either' : $text('side'),
            'material' => $text('material'), 'used' => $text('used'), 'points' => $part['points'] ?? null, 'stock' => $text('stock'), 'state' => PartState::tryFrom($text('state')) ?? PartState::Drawn, 'first_article' => $part['firstArticle'] ?? null, 'mirrors' => $mirrors?->id, 'user_id' => $from->user?->id,
        ]);
    }
}
