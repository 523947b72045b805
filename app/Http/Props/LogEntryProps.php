<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\LogEntry;

/** Something that happened; lengths in mm. */
final readonly class LogEntryProps
{
    /**
     * @param  string  $title  of the step; empty where it is of the job
     * @param  ?float  $reading  at a hold point
     * @param  ?float  $expected  off by, at the end
     * @param  ?float  $heatInput  of a run, kJ/mm
     * @param  string  $settings  of a run: process, volts, amperes
     * @param  ?float  $length  of a run, mm
     * @param  ?float  $move  by which it is best moved
     * @param  bool  $isSuperseded  whether a later entry stands in its place
     */
    public function __construct(public int $id, public string $step, public string $title, public string $kind, public string $text, public ?float $reading, public ?string $action, public ?float $expected, public ?float $uncertainty, public ?float $move, public string $settings, public ?float $length, public ?float $heatInput, public ?string $picture, public bool $isSuperseded, public string $by, public string $at) {}

    /** @param  array<string, string>  $titles  by step */
    public static function from(LogEntry $entry, array $titles, bool $isSuperseded): self
    {
        $number = fn (string $key): ?float => is_numeric($entry->data[$key] ?? null) ? (float) $entry->data[$key] : null;
        $action = $entry->data['action'] ?? null;

        return new self(
            $entry->id, $entry->step, $titles[$entry->step] ?? '', $entry->kind, $entry->text, $number('reading'), is_string($action) ? $action : null, $number('expected'), $number('uncertainty'), $number('move'), $entry->kind === 'run' ? sprintf('%s, %g V, %g A, %g s', is_string($entry->data['process'] ?? null) ? $entry->data['process'] : '', $number('voltage'), $number('current'), $number('seconds')) : '', $number('length'), $number('heatInput'),
            $entry->picture_id === null ? null : route('picture', [$entry->job_id, $entry->picture_id]), $isSuperseded, $entry->user->name ?? '', $entry->created_at->utc()->format('Y-m-d\TH:i:s\Z'),
        );
    }
}
