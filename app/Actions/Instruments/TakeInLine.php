<?php

declare(strict_types=1);

namespace App\Actions\Instruments;

use App\Actions\Survey\RecordReading;
use App\Models\Instrument;
use App\Models\InstrumentRequest;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Illuminate\Support\Carbon;

/** Takes one JSON line that an instrument sent into the log of the survey that it is attached to. */
final readonly class TakeInLine
{
    private const ID = '/^[A-Za-z0-9][A-Za-z0-9_.-]{0,39}$/';

    public function __construct(private RecordReading $record) {}

    /**
     * @param  array<mixed>  $line
     * @return array<string, mixed> the answer, one line
     */
    public function handle(Instrument $instrument, Survey $survey, array $line): array
    {
        $id = is_string($line['id'] ?? null) ? $line['id'] : '';
        try {
            if (! preg_match(self::ID, $id)) {
                throw InvalidFile::with([new Problem('id', 'expected letters, digits, dots, dashes or underscores, at most 40.')]);
            }
            $instrument->core()->mustRead(ReadingKinds::named($this->text($line, 'kind')));
            $wanted = InstrumentRequest::where('survey_id', $survey->id)->where('client_id', $id)->first();
            $user = $wanted?->user_id === null ? null : User::find($wanted->user_id);
            $reading = $this->record->handle($survey, $user, $id, $this->call($line), ($line['unit'] ?? 'mm') === 'in' ? 'in' : 'mm', null, $instrument);
            $wanted?->update(['answered_at' => Carbon::now()]);
        } catch (CoreFailure $failure) {
            return ['id' => $id, 'stored' => false, 'error' => $failure->getMessage()];
        }

        return ['id' => $id, 'stored' => true, 'number' => $reading->number];
    }

    /** @param  array<mixed>  $line */
    private function call(array $line): string
    {
        $value = $line['value'] ?? null;
        if (! is_int($value) && ! is_float($value) && ! is_string($value)) {
            throw InvalidFile::with([new Problem('value', 'expected a number, or a length as text.')]);
        }
        $points = array_filter([$this->text($line, 'point'), $this->text($line, 'from'), $this->text($line, 'to')]);
        $edge = $this->text($line, 'edge');

        return implode(' ', array_filter([ReadingKinds::named($this->text($line, 'kind'))::letter(), ...$points, (string) $value, $edge], fn (string $word): bool => $word !== ''));
    }

    /** @param  array<mixed>  $line */
    private function text(array $line, string $key): string
    {
        return is_string($line[$key] ?? null) ? $line[$key] : '';
    }
}
