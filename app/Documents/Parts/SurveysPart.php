<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Documents\LoggedReading;
use App\Documents\ReadingLog;
use App\Documents\TypedValue;
use App\Models\DatumDecision;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Strike;
use App\Models\Survey;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Edge;
use Geodex\Core\Survey\Reading\Reading as CoreReading;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The surveys with their whole logs, strikes and superseded readings included, and what was decided of their datum. */
final readonly class SurveysPart implements JobPart
{
    public function layOut(Job $job, Layout $as): array
    {
        $codes = [];
        foreach ($job->points as $point) {
            $codes[$point->id] = $point->code;
        }

        return ['surveys' => array_map(fn (Survey $survey): array => $this->survey($survey, $codes, $as), $as->surveys)];
    }

    public function import(Job $stored, Import $from): void
    {
        [$job, $keys, $user] = [$from->job, $from->keys, $from->user];
        /** @var list<array{name?: mixed, readings: list<array<string, mixed>>}> $entries */
        $entries = $from->section('surveys');
        foreach ($job->surveys as $i => $survey) {
            $row = Survey::create(['job_id' => $stored->id, 'code' => $survey->id, 'name' => is_string($entries[$i]['name'] ?? null) ? $entries[$i]['name'] : '', 'stage' => $survey->stage->value, 'to_target' => $survey->toTarget]);
            $entriesById = array_column($entries[$i]['readings'], null, 'id');
            foreach ($survey->blocked as $blocked) {
                DB::table('blocked_readings')->insertOrIgnore(['survey_id' => $row->id, 'reading' => $blocked, 'user_id' => $user?->id, 'created_at' => Carbon::now()]);
            }
            foreach ($survey->datum as $decision) {
                $row->datumDecisions()->create(['point_id' => $keys[$decision->point], 'choice' => $decision->carries ? 'in' : 'out', 'reason' => $decision->reason, 'user_id' => $from->user?->id]);
            }
            $log = [];
            foreach ($survey->readings as $number => $reading) {
                $entry = $entriesById[$reading->id];
                $log[$reading->id] = $this->reading(
                    frame: $job->frame,
                    survey: $row,
                    number: $number + 1,
                    reading: $reading,
                    entry: $entry,
                    unit: $job->units->value,
                    keys: $keys,
                    from: $from,
                    superseded: $log[is_string($entry['supersedes'] ?? null) ? $entry['supersedes'] : ''] ?? null,
                );
            }
        }
        if ($job->surveys === []) {
            Survey::create(['job_id' => $stored->id, 'code' => 'before', 'stage' => 'before']);
        }
    }

    /**
     * @param  array<int, string>  $codes  of points by their keys
     * @return array<string, mixed>
     */
    private function survey(Survey $survey, array $codes, Layout $as): array
    {
        $blocked = $survey->blocked();

        return ['id' => $survey->code, ...($survey->name !== '' && $as->asTyped ? ['name' => $survey->name] : []), 'stage' => $survey->stage, ...($survey->to_target ? ['against' => 'target'] : []), 'readings' => array_map(fn (LoggedReading $reading): array => $this->logged($reading, $as), (new ReadingLog)->of($survey)), ...($blocked === [] ? [] : ['blocked' => $blocked]), ...($this->datum($survey, $codes, $as))];
    }

    /**
     * What stands decided of base points; an export has who and when too.
     *
     * @param  array<int, string>  $codes
     * @return array{datum?: list<array<string, mixed>>}
     */
    private function datum(Survey $survey, array $codes, Layout $as): array
    {
        $latest = [];
        foreach ($survey->datumDecisions()->with('user')->get() as $decision) {
            $latest[$decision->point_id] = $decision;
        }
        $standing = array_values(array_filter($latest, fn (DatumDecision $decision): bool => $decision->choice !== 'tested'));

        return $standing === [] ? [] : ['datum' => array_map(fn (DatumDecision $decision): array => [
            'point' => $codes[$decision->point_id],
            'use' => $decision->choice,
            'reason' => $decision->reason,
            ...($as->asTyped ? ['by' => $decision->user->name ?? '', 'at' => $decision->created_at->utc()->format('Y-m-d\TH:i:s\Z')] : []),
        ], $standing)];
    }

    /** @return array<string, mixed> */
    private function logged(LoggedReading $reading, Layout $as): array
    {
        $own = fn (?float $value): float|string|null => $reading->mm === null ? $value : $as->length($value);

        return array_filter([
            'id' => $reading->id,
            'kind' => $reading->kind,
            ...array_combine(ReadingKinds::named($reading->kind)::roles(), $reading->points),
            'value' => $as->asTyped ? TypedValue::withUnit($reading->typed, $reading->typedUnit) : ($reading->mm ?? $reading->degrees),
            'pointers' => $reading->pointers === null ? null : array_map($as->length(...), $reading->pointers),
            'sigma' => $own($reading->sigma),
            'edge' => $reading->edge,
            'offset' => $own($reading->offset),
            'instrument' => $reading->instrument,
            'asTyped' => $as->asTyped ? null : TypedValue::withUnit($reading->typed, $reading->typedUnit),
            'supersedes' => $reading->supersedes,
            'struck' => $reading->struckBecause === null ? null : true,
            'reason' => $reading->struckBecause,
            'struckBy' => $as->asTyped ? $reading->struckBy : null,
            'struckAt' => $as->asTyped ? $reading->struckAt : null,
            'by' => $as->asTyped ? $reading->by : null,
            'at' => $as->asTyped ? $reading->at : null,
        ], fn (mixed $part): bool => $part !== null && $part !== '');
    }

    /**
     * @param  array<string, mixed>  $entry
     * @param  'mm'|'in'  $unit
     * @param  array<string, int>  $keys
     */
    private function reading(Frame $frame, Survey $survey, int $number, CoreReading $reading, array $entry, string $unit, array $keys, Import $from, ?Reading $superseded): Reading
    {
        $angle = $reading->kind::quantity() === 'angle';
        $pointers = $reading->kind->pointers();
        $typed = $entry['value'];
        $row = Reading::create([
            'survey_id' => $survey->id,
            'client_id' => $reading->id,
            'number' => $number,
            'kind' => $reading->kind::name(),
            'typed' => is_scalar($typed) ? (string) $typed : '',
            'typed_unit' => $angle ? 'deg' : $unit,
            'value_mm' => $angle ? null : $reading->value - ($reading->asRead->correction ?? 0.0),
            'value_deg' => $angle ? $reading->value : null,
            'sigma' => isset($entry['sigma']) ? $reading->sigma : null,
            'edge' => $entry['edge'] ?? null,
            'offset_mm' => $this->offset($frame, $reading, $entry),
            'pointer_from_mm' => $pointers[0] ?? null,
            'pointer_to_mm' => $pointers[1] ?? null,
            'supersedes_id' => $superseded?->id,
            'user_id' => $from->by($entry),
            'created_at' => $from->at($entry),
        ]);
        $row->between(array_map(fn (string $id): int => $keys[$id], $reading->kind->points()));
        // What a later reading supersedes is told by that one, and comes back into force if that one is struck.
        if ($reading->struckBecause !== null && ($entry['struck'] ?? false) === true) {
            Strike::create(['reading_id' => $row->id, 'kind' => 'struck', 'reason' => $reading->struckBecause, 'user_id' => $from->by(['by' => $entry['struckBy'] ?? null]), 'created_at' => $from->at(['at' => $entry['struckAt'] ?? null])]);
        }

        return $row;
    }

    /**
     * What its tool reads too much: the correction less what the edges account for (mm).
     *
     * @param  array<string, mixed>  $entry
     */
    private function offset(Frame $frame, CoreReading $reading, array $entry): ?float
    {
        if (! isset($entry['offset']) || $reading->asRead === null) {
            return null;
        }
        $edge = Edge::tryFrom(is_string($entry['edge'] ?? null) ? $entry['edge'] : '');

        return ($edge?->correction($frame, $reading->kind) ?? 0.0) - $reading->asRead->correction;
    }
}
