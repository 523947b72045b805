<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Survey;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The log of a survey, read in three queries however long it is. */
final readonly class ReadingLog
{
    private const COLUMNS = ['r.id', 'r.client_id', 'r.number', 'r.kind', 'r.typed', 'r.typed_unit', 'r.value_mm', 'r.value_deg', 'r.sigma', 'r.pointer_from_mm', 'r.pointer_to_mm', 'r.edge', 'r.offset_mm', 'r.supersedes_id', 'r.created_at'];

    /** @return list<LoggedReading> in the order in which they were taken */
    public function of(Survey $survey): array
    {
        /** @var list<object{id: int, client_id: string, number: int, kind: string, typed: string, typed_unit: 'mm'|'in'|'deg', value_mm: ?string, value_deg: ?string, sigma: ?string, pointer_from_mm: ?string, pointer_to_mm: ?string, edge: 'near'|'far'|null, offset_mm: ?string, supersedes_id: ?int, created_at: string, by: ?string, instrument: ?string}> $rows */
        $rows = DB::table('readings as r')->leftJoin('users as u', 'u.id', '=', 'r.user_id')->leftJoin('instruments as i', 'i.id', '=', 'r.instrument_id')
            ->where('r.survey_id', $survey->id)->orderBy('r.number')->get([...self::COLUMNS, 'u.name as by', 'i.name as instrument'])->all();
        $points = $this->points($survey);
        $struck = $this->struck($survey);
        $ids = $replaced = [];
        foreach ($rows as $row) {
            $ids[$row->id] = $row->client_id;
            // A replacement that was struck itself replaces nothing.
            if ($row->supersedes_id !== null && ! isset($struck[$row->id])) {
                $replaced[$row->supersedes_id] = $row->number;
            }
        }
        $number = fn (?string $decimal): ?float => $decimal === null ? null : (float) $decimal;

        return array_map(fn (object $row): LoggedReading => new LoggedReading(
            id: $row->client_id, number: $row->number, kind: $row->kind, points: $points[$row->id] ?? [], typed: $row->typed, typedUnit: $row->typed_unit,
            mm: $number($row->value_mm), degrees: $number($row->value_deg), sigma: $number($row->sigma),
            pointers: $row->pointer_from_mm === null || $row->pointer_to_mm === null ? null : [(float) $row->pointer_from_mm, (float) $row->pointer_to_mm],
            edge: $row->edge, offset: $number($row->offset_mm), instrument: $row->instrument,
            supersedes: $row->supersedes_id === null ? null : $ids[$row->supersedes_id] ?? null,
            supersededBy: $replaced[$row->id] ?? null,
            struckBecause: $struck[$row->id]['reason'] ?? null,
            by: $row->by ?? '',
            at: self::time($row->created_at),
            struckBy: $struck[$row->id]['by'] ?? null,
            struckAt: $struck[$row->id]['at'] ?? null,
        ), $rows);
    }

    /** @return array<int, list<string>> codes of the points by reading */
    private function points(Survey $survey): array
    {
        $points = [];
        foreach ($this->beside($survey, 'reading_points as x')->join('points as p', 'p.id', '=', 'x.point_id')->orderBy('x.reading_id')->orderBy('x.place')->get(['x.reading_id', 'p.code']) as $row) {
            /** @var object{reading_id: int, code: string} $row */
            $points[$row->reading_id][] = $row->code;
        }

        return $points;
    }

    /** @return array<int, array{reason: string, by: ?string, at: string}> by reading, of those whose last mark is a strike */
    private function struck(Survey $survey): array
    {
        $struck = [];
        foreach ($this->beside($survey, 'strikes as x')->leftJoin('users as u', 'u.id', '=', 'x.user_id')->orderBy('x.id')->get(['x.reading_id', 'x.kind', 'x.reason', 'x.created_at', 'u.name as by']) as $row) {
            /** @var object{reading_id: int, kind: 'struck'|'restored', reason: string, created_at: string, by: ?string} $row */
            $struck[$row->reading_id] = $row->kind === 'struck' ? ['reason' => $row->reason, 'by' => $row->by, 'at' => self::time($row->created_at)] : null;
        }

        return array_filter($struck, is_array(...));
    }

    /** UTC in ISO 8601. */
    private static function time(string $stored): string
    {
        return str_replace(' ', 'T', substr($stored, 0, 19)).'Z';
    }

    private function beside(Survey $survey, string $table): Builder
    {
        return DB::table($table)->join('readings as r', 'r.id', '=', 'x.reading_id')->where('r.survey_id', $survey->id);
    }
}
