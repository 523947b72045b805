<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Instrument;
use App\Models\Reading;
use App\Models\Scalar;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\JobFile\JobLimits;
use Geodex\Core\Survey\Call\CalledReading;
use Geodex\Core\Survey\Reading\Reading as CoreReading;
use Illuminate\Support\Facades\DB;

/** Adds readings to the log: all of them or none. The client's id makes a repeated send harmless. */
final readonly class RecordReading
{
    /** Decimals of the columns. */
    private const DIGITS = 6;

    private const DEGREE_DIGITS = 8;

    /** Where two people stand in each other's way, one of them begins anew. */
    private const TRIES = 3;

    private const AT_ONCE = 1000;

    /**
     * @param  'mm'|'in'  $unit  what a bare number meant
     * @param  ?string  $supersedes  client id of the reading that this one corrects
     * @param  ?Instrument  $instrument  what it was read with; one that takes no such reading is not named
     *
     * @throws CannotRecord if the id is taken by another reading, or the log is full
     */
    public function handle(Survey $survey, ?User $user, string $clientId, CalledReading $called, string $unit, ?string $supersedes = null, ?Instrument $instrument = null): Reading
    {
        return $this->all(survey: $survey, user: $user, entries: [['id' => $clientId, 'called' => $called, 'unit' => $unit]], supersedes: $supersedes, instrument: $instrument)[0];
    }

    /**
     * @param  non-empty-list<array{id: string, called: CalledReading, unit: 'mm'|'in'}>  $entries
     * @return non-empty-list<Reading>
     *
     * @throws CannotRecord if an id is taken by another reading, or the log is full
     */
    public function all(Survey $survey, ?User $user, array $entries, ?string $supersedes = null, ?Instrument $instrument = null): array
    {
        $keys = $survey->job->points->pluck('id', 'code');

        return DB::transaction(function () use ($survey, $user, $entries, $keys, $supersedes, $instrument): array {
            // The lock puts two people's readings in one order, so that each gets its own number.
            $row = Survey::whereKey($survey->id)->lockForUpdate()->firstOrFail();
            $number = Scalar::int(Reading::where('survey_id', $survey->id)->max('number'));
            $superseded = $supersedes === null ? null : Reading::where('survey_id', $survey->id)->where('client_id', $supersedes)->value('id');
            $before = $number;
            $stored = $between = [];
            $there = $this->there($survey, array_column($entries, 'id'));
            foreach ($entries as $entry) {
                $columns = $this->columns($entry['called'], $entry['unit'], $superseded, $instrument);
                $points = array_map(fn (string $id): mixed => $keys[$id], $entry['called']->kind->points());
                $known = $there[$entry['id']] ?? null;
                if ($known !== null) {
                    // One that came earlier in the same table is looked at with its points.
                    Reading::haveBetween($between);
                    $between = [];
                    $stored[] = $this->same($known, $columns, $points) ? $known : throw CannotRecord::idTaken($known, $entry['id']);

                    continue;
                }
                if ($number >= JobLimits::READINGS) {
                    throw CannotRecord::full(JobLimits::READINGS);
                }
                $stored[] = $there[$entry['id']] = $reading = Reading::create(['survey_id' => $survey->id, 'client_id' => $entry['id'], 'number' => ++$number, 'user_id' => $user?->id, ...$columns]);
                $between[$reading->id] = $points;
            }
            Reading::haveBetween($between);
            if ($number > $before) {
                $row->increment('revision');
            }

            return $stored;
        }, self::TRIES);
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, Reading> those that are in the log already, by their ids
     */
    private function there(Survey $survey, array $ids): array
    {
        $there = [];
        foreach (array_chunk($ids, self::AT_ONCE) as $some) {
            foreach (Reading::where('survey_id', $survey->id)->whereIn('client_id', $some)->get() as $reading) {
                $there[$reading->client_id] = $reading;
            }
        }

        return $there;
    }

    /**
     * As it will be read again: rounded to its columns, and still a reading that core takes.
     *
     * @return array<string, mixed>
     *
     * @throws CoreFailure
     */
    private function columns(CalledReading $called, string $unit, mixed $superseded, ?Instrument $instrument): array
    {
        $angle = $called->kind::quantity() === 'angle';
        $tool = $instrument !== null && in_array($called->kind::name(), $instrument->kind->reads(), true) ? $instrument : null;
        $value = round($called->value, $angle ? self::DEGREE_DIGITS : self::DIGITS);
        $sigma = $this->sigma($called, $tool);
        new CoreReading('call', $called->kind->at($called->kind->points()), $value, round($sigma ?? $called->kind::usualSigma(), self::DIGITS));

        return [
            'kind' => $called->kind::name(),
            'typed' => $called->typed,
            'typed_unit' => $angle ? 'deg' : $unit,
            'value_mm' => $angle ? null : $value,
            'value_deg' => $angle ? $value : null,
            'edge' => $called->edge?->value,
            'sigma' => $sigma,
            'offset_mm' => $tool === null || $tool->offset === 0.0 ? null : $tool->offset,
            'instrument_id' => $tool?->id,
            'pointer_from_mm' => $called->pointers[0] ?? null,
            'pointer_to_mm' => $called->pointers[1] ?? null,
            'supersedes_id' => $superseded,
        ];
    }

    /** What the tool is good for, wider where a remainder was shouted; null for the usual. */
    private function sigma(CalledReading $called, ?Instrument $tool): ?float
    {
        if ($called->sigma === null || $tool?->sigma === null) {
            return $called->sigma ?? $tool?->sigma;
        }

        return sqrt($tool->sigma ** 2 + $called->sigma ** 2 - $called->kind::usualSigma() ** 2);
    }

    /**
     * @param  array<string, mixed>  $columns
     * @param  list<mixed>  $points  keys
     */
    private function same(Reading $known, array $columns, array $points): bool
    {
        if ($known->pointKeys() !== $points) {
            return false;
        }
        foreach (['kind', 'typed', 'typed_unit', 'edge', 'pointer_from_mm', 'pointer_to_mm'] as $column) {
            $one = $known->getAttribute($column);
            $other = $columns[$column];
            if (is_numeric($one) && is_numeric($other) ? abs((float) $one - (float) $other) > 1e-6 : $one !== $other) {
                return false;
            }
        }

        return true;
    }
}
