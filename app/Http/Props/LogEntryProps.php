<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\LogEntry;
use Geodex\Core\RunSheet\Heat\Zone;
use Geodex\Core\RunSheet\Holds\FoundAtHold;
use Geodex\Core\Words\Sentence;
use Illuminate\Support\Carbon;

/** Something that happened; lengths in mm. */
final readonly class LogEntryProps
{
    /**
     * @param  string  $title  of the step; empty where it is of the job
     * @param  ?float  $reading  at a hold point
     * @param  ?float  $expected  off by, at the end
     * @param  string  $settings  of a run: process, volts, amperes
     * @param  ?float  $length  of a run, mm
     * @param  ?float  $heatInput  of a run, kJ/mm
     * @param  ?float  $coolingTime  from 800 to 500 °C, s
     * @param  ?float  $readings  whose mean would settle it
     * @param  ?float  $move  by which it is best moved
     * @param  ?Sentence  $found  at a hold point by a survey, by heights or a thermometer, in words
     * @param  bool  $isSuperseded  whether a later entry stands in its place
     * @param  ?string  $arrivedAt  where it waited for a network
     */
    public function __construct(
        public int $id, public string $step, public string $title, public string $kind, public string $text, public ?float $reading, public ?string $action, public ?float $expected, public ?float $uncertainty, public ?float $move, public ?Sentence $found,
        public string $settings, public ?float $length, public ?float $heatInput, public ?float $coolingTime, public ?float $readings, public ?string $picture, public ?string $voice, public bool $isSuperseded, public string $by, public string $at, public ?string $arrivedAt,
    ) {}

    /** @param  array<string, string>  $titles  by step */
    public static function from(LogEntry $entry, array $titles, bool $isSuperseded): self
    {
        $number = fn (string $key): ?float => is_numeric($entry->data[$key] ?? null) ? (float) $entry->data[$key] : null;
        $action = $entry->data['action'] ?? null;
        $time = fn (?Carbon $when): ?string => $when?->utc()->format('Y-m-d\TH:i:s\Z');

        return new self(
            $entry->id, $entry->step, $titles[$entry->step] ?? '', $entry->kind, $entry->text, $number('reading'), is_string($action) ? $action : null, $number('expected'), $number('uncertainty'), $number('move'), FoundAtHold::said($entry->data ?? []),
            self::settings($entry), $number('length'), $number('heatInput'), $number('coolingTime'), $number('readings'), $entry->picture_id === null ? null : route('picture', [$entry->job_id, $entry->picture_id]), $entry->recording_id === null ? null : route('run.voice', [$entry->job_id, $entry->recording_id]),
            $isSuperseded, $entry->user->name ?? '', (string) $time($entry->created_at), $time($entry->arrived_at),
        );
    }

    private static function settings(LogEntry $entry): string
    {
        if ($entry->kind !== 'run') {
            return '';
        }
        $data = $entry->data ?? [];
        $number = fn (string $key): float => is_numeric($data[$key] ?? null) ? (float) $data[$key] : 0.0;
        $zone = Zone::named(is_string($data['zone'] ?? null) ? $data['zone'] : '');

        return sprintf('%s, %g V, %g A, %g s', is_string($data['process'] ?? null) ? $data['process'] : '', $number('voltage'), $number('current'), $number('seconds')).($zone === null ? '' : ', '.mb_strtolower($zone->label()));
    }
}
