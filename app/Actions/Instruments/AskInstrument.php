<?php

declare(strict_types=1);

namespace App\Actions\Instruments;

use App\Actions\Survey\RecordReading;
use App\Documents\StoredJob;
use App\Models\Instrument;
use App\Models\InstrumentRequest;
use App\Models\Reading;
use App\Models\Scalar;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Units\LengthUnit;

/** Asks an instrument for one reading. The stand-in in the shop answers at once, a real one when it next asks what is wanted. */
final readonly class AskInstrument
{
    public function __construct(private StoredJob $jobs, private RecordReading $record, private StandIn $standIn) {}

    /**
     * @param  string  $call  the points, as they would be called out, without a value
     * @return ?Reading null while the instrument has not answered
     *
     * @throws CoreFailure if the points are not understood, or the instrument takes no such reading
     */
    public function handle(Survey $survey, User $user, Instrument $instrument, string $clientId, string $call): ?Reading
    {
        $job = $this->jobs->read($survey->job);
        // Any value will do to hear which reading is meant.
        $called = (new CallReader($job->frame))->read("$call 1", LengthUnit::Millimetre);
        $instrument->core()->mustRead($called->kind::class);
        if ($instrument->survey_id !== $survey->id) {
            $instrument->update(['survey_id' => $survey->id]);
        }
        if ($instrument->simulated !== null) {
            $number = 1 + Scalar::int(Reading::where('survey_id', $survey->id)->max('number'));
            $value = $this->standIn->read($instrument->simulated, $job->frame, $called->kind, $number);

            return $this->record->handle($survey, $user, $clientId, (new CallReader($job->frame))->read("$call $value", LengthUnit::Millimetre), 'mm', null, $instrument);
        }
        InstrumentRequest::firstOrCreate(
            ['survey_id' => $survey->id, 'client_id' => $clientId],
            ['instrument_id' => $instrument->id, 'kind' => $called->kind::name(), 'points' => $called->kind->points(), 'user_id' => $user->id],
        );

        return null;
    }
}
