<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Documents\JobDocument;
use App\Models\Instrument;
use App\Models\Reading;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Survey\Call\CalledReading;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Support\Facades\DB;

/** Adds a called-out reading to the log. The client's id makes a repeated send harmless. */
final readonly class RecordReading
{
    public function __construct(private JobReader $jobs) {}

    /**
     * @param  'mm'|'in'  $unit  what a bare number means
     * @param  ?string  $supersedes  client id of the reading that this one corrects
     * @param  ?Instrument  $instrument  what it was read with; one that takes no such reading is not named
     *
     * @throws CoreFailure if the call is not understood
     */
    public function handle(Survey $survey, ?User $user, string $clientId, string $call, string $unit, ?string $supersedes = null, ?Instrument $instrument = null): Reading
    {
        $frame = $this->jobs->fromDocument(JobDocument::forCore($survey->job))->frame;

        return $this->store($survey, $user, $clientId, (new CallReader($frame))->read($call, LengthUnit::from($unit)), $unit, $supersedes, $instrument);
    }

    /** What the tool is good for, wider where a remainder was shouted; null for the usual. */
    private function sigma(CalledReading $called, ?Instrument $tool): ?float
    {
        if ($called->sigma === null || $tool?->sigma === null) {
            return $called->sigma ?? $tool?->sigma;
        }

        return sqrt($tool->sigma ** 2 + $called->sigma ** 2 - $called->kind::usualSigma() ** 2);
    }

    /** @param  'mm'|'in'  $unit */
    private function store(Survey $survey, ?User $user, string $clientId, CalledReading $called, string $unit, ?string $supersedes, ?Instrument $instrument): Reading
    {
        $keys = $survey->job->points->pluck('id', 'code');
        $points = $called->kind->points();
        $angle = $called->kind::quantity() === 'angle';
        $tool = $instrument !== null && in_array($called->kind::name(), $instrument->kind->reads(), true) ? $instrument : null;

        return DB::transaction(function () use ($survey, $user, $clientId, $unit, $supersedes, $called, $keys, $points, $angle, $tool): Reading {
            // The lock puts two people's readings in one order, so that each gets its own number.
            Survey::whereKey($survey->id)->lockForUpdate()->firstOrFail();
            $known = Reading::where('survey_id', $survey->id)->where('client_id', $clientId)->first();
            if ($known !== null) {
                return $known;
            }
            $reading = Reading::create([
                'survey_id' => $survey->id,
                'client_id' => $clientId,
                'number' => 1 + (int) Reading::where('survey_id', $survey->id)->max('number'),
                'kind' => $called->kind::name(),
                'from_point_id' => $keys[$points[0]],
                'to_point_id' => isset($points[1]) ? $keys[$points[1]] : null,
                'typed' => $called->typed,
                'typed_unit' => $angle ? 'deg' : $unit,
                'value_mm' => $angle ? null : $called->value,
                'value_deg' => $angle ? $called->value : null,
                'edge' => $called->edge?->value,
                'sigma' => $this->sigma($called, $tool),
                'offset_mm' => $tool === null || $tool->offset === 0.0 ? null : $tool->offset,
                'instrument_id' => $tool?->id,
                'pointer_from_mm' => $called->pointers[0] ?? null,
                'pointer_to_mm' => $called->pointers[1] ?? null,
                'supersedes_id' => $supersedes === null ? null : Reading::where('survey_id', $survey->id)->where('client_id', $supersedes)->value('id'),
                'user_id' => $user?->id,
            ]);
            $survey->increment('revision');

            return $reading;
        });
    }
}
