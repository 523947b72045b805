<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Instrument;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A known length, and what a tool read of it, one a line. */
final class InstrumentCheckRequest extends FormRequest
{
    use ReadsLengths;

    private const MAX_READINGS = 30;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['unit' => ['required', 'in:mm,in'], 'known' => ['required', 'string', 'max:40'], 'readings' => ['required', 'array', 'max:'.self::MAX_READINGS], 'readings.*' => ['nullable', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['known.required' => 'What is the true length, by the scale or gauge you trust?', 'readings.required' => 'Read it at least three times, setting the tool anew each time.'];
    }

    /** @return array{float, list<float>} mm, or degrees for a level */
    public function check(): array
    {
        $fields = array_map(fn (int|string $i): string => "readings.$i", array_keys($this->array('readings')));
        $instrument = $this->route('instrument');
        if ($instrument instanceof Instrument && $instrument->kind->readsAngles()) {
            return [$this->degrees('known'), array_map($this->degrees(...), array_values(array_filter($fields, fn (string $field): bool => is_string($this->input($field)) && $this->input($field) !== '')))];
        }

        return [$this->allLengths(['known'])['known'], array_values($this->lengths($fields))];
    }

    private function degrees(string $field): float
    {
        $typed = $this->input($field);

        return is_string($typed) && is_numeric($typed) ? (float) $typed : throw ValidationException::withMessages([$field => 'Degrees, such as 0.2.']);
    }
}
