<?php

declare(strict_types=1);

namespace App\Actions\Instruments;

use App\Actions\Survey\RecordReading;
use App\Models\Instrument;
use App\Models\InstrumentRequest;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Code;
use Geodex\Core\Frame\Frame;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Support\Carbon;

/** Takes one JSON line that an instrument sent into the log of the survey that it is attached to. */
final readonly class ImportLine
{
    public function __construct(private RecordReading $record) {}

    /**
     * @param  array<mixed>  $line
     * @return array<string, mixed> the answer, one line
     */
    public function handle(Instrument $instrument, Survey $survey, Frame $frame, array $line): array
    {
        $id = is_string($line['id'] ?? null) ? $line['id'] : '';
        try {
            if (! Code::is($id)) {
                throw InvalidFile::with([new Problem('id', Code::WORDS)]);
            }
            $instrument->core()->mustRead(ReadingKinds::named($this->text($line, 'kind')));
            $wanted = InstrumentRequest::where('survey_id', $survey->id)->where('client_id', $id)->first();
            $user = $wanted?->user_id === null ? null : User::find($wanted->user_id);
            $unit = ($line['unit'] ?? 'mm') === 'in' ? 'in' : 'mm';
            $reading = $this->record->handle($survey, $user, $id, (new CallReader($frame))->read($this->call($line), LengthUnit::from($unit)), $unit, null, $instrument);
            $wanted?->update(['answered_at' => Carbon::now()]);
        } catch (CoreFailure $failure) {
            return ['id' => $id, 'stored' => false, 'error' => $failure->getMessage()];
        } catch (\Throwable $fault) {
            // Whatever becomes of one line, the next is answered.
            report($fault);

            return ['id' => $id, 'stored' => false, 'error' => 'Geodex could not store this line; its log says why. Send it again later.'];
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
        $kind = ReadingKinds::named($this->text($line, 'kind'));
        $points = array_map(fn (string $role): string => $this->text($line, $role), $kind::roles());
        $edge = $this->text($line, 'edge');

        return implode(' ', array_filter([$kind::letter(), ...$points, (string) $value, $edge], fn (string $word): bool => $word !== ''));
    }

    /** @param  array<mixed>  $line */
    private function text(array $line, string $key): string
    {
        return is_string($line[$key] ?? null) ? $line[$key] : '';
    }
}
