<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\WrittenEntry;
use App\Models\Job;
use Geodex\Core\Calculators\HeatInputCalculator;
use Geodex\Core\Calculators\SupportTwistCalculator;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\RunSheet\Heat\Zone;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** One thing for the log, with an id made where it was written. */
final class LogEntryRequest extends FormRequest
{
    use ReadsLengths;

    private const KINDS = ['begun', 'done', 'reopened', 'run', 'temperature', 'note', 'otherwise', 'stop', 'picture', 'voice'];

    /** A sheet that waits longer than this was forgotten, not offline (days). */
    private const MOST_DAYS = 30;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'clientId' => ['required', 'string', 'regex:/\A[A-Za-z0-9-]{8,64}\z/'], 'step' => ['nullable', 'string', 'max:80'], 'kind' => ['required', Rule::in(self::KINDS)],
            'text' => [Rule::requiredIf(in_array($this->input('kind'), ['note', 'otherwise', 'stop'], true)), 'nullable', 'string', 'max:4000'], 'unit' => ['nullable', 'in:mm,in'], 'reading' => ['nullable', 'string', 'max:40'], 'isSeenTo' => ['boolean'],
            'run' => [Rule::requiredIf($this->input('kind') === 'run'), 'array'], 'zone' => ['nullable', 'string', 'max:40'], 'temperature' => [Rule::requiredIf($this->input('kind') === 'temperature'), 'nullable', 'numeric', 'between:-40,1500'],
            'heights' => ['nullable', 'array'], 'survey' => ['nullable', 'string', 'max:80'], 'supersedes' => ['nullable', 'integer', Rule::exists('log_entries', 'id')->where('job_id', $this->jobId())],
            'file' => [Rule::requiredIf(in_array($this->input('kind'), ['picture', 'voice'], true)), 'file', 'max:16000'],
            'waited' => ['nullable', 'numeric', 'between:0,'.self::MOST_DAYS * 86_400], 'seen' => ['nullable', 'integer', 'min:0'], 'despite' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.required' => 'Say what happened.', 'file.required' => 'Choose a picture or record something first.', 'file.max' => 'The file is larger than 16 MB.', 'file.uploaded' => 'The file did not arrive: it is larger than the server takes.',
            'temperature.*' => 'What the thermometer read, in °C.', 'waited.between' => sprintf('This waited for more than %d days: write it down anew.', self::MOST_DAYS),
        ];
    }

    /** @throws InvalidFields if a run or heights cannot be read */
    public function entry(): WrittenEntry
    {
        $file = $this->file('file');
        $isRun = $this->input('kind') === 'run';

        return new WrittenEntry(
            clientId: $this->string('clientId')->value(), step: $this->string('step')->value(), kind: $this->string('kind')->value(), text: trim($this->string('text')->value()), reading: $this->lengths(['reading'])['reading'] ?? null,
            run: $isRun ? $this->welded() : null, zone: Zone::named($this->string('zone')->value()), temperature: $this->filled('temperature') ? $this->float('temperature') : null, heights: $this->heights(),
            survey: $this->filled('survey') ? $this->string('survey')->value() : null, isSeenTo: $this->boolean('isSeenTo'), file: $file instanceof UploadedFile ? $file : null, supersedes: $this->filled('supersedes') ? $this->integer('supersedes') : null,
            waited: $this->float('waited'), seen: $this->filled('seen') ? $this->integer('seen') : null, despite: $this->boolean('despite'),
        );
    }

    /** Length and seconds have to be there: without them a run has no heat. */
    private function welded(): Values
    {
        $values = (new FieldReader($this->unit(), typed: true))->read(HeatInputCalculator::fields(), $this->array('run'));

        return $values->has('length') && $values->has('seconds') ? $values : throw InvalidFields::at($values->has('length') ? 'seconds' : 'length', 'missing: how long the run is, and how many seconds it took.');
    }

    /** @return ?array<string, mixed> in mm; null where none was typed */
    private function heights(): ?array
    {
        $typed = $this->array('heights');
        if ($typed === []) {
            return null;
        }

        return array_filter((new FieldReader($this->unit(), typed: true))->read(SupportTwistCalculator::fields(), $typed)->toArray(), fn (mixed $one): bool => $one !== null);
    }

    private function unit(): LengthUnit
    {
        return LengthUnit::tryFrom($this->string('unit')->value()) ?? LengthUnit::Millimetre;
    }

    private function jobId(): int
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job->id : 0;
    }
}
