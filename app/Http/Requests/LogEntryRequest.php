<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** One thing for the log, with an id made where it was written. */
final class LogEntryRequest extends FormRequest
{
    use ReadsLengths;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'clientId' => ['required', 'string', 'regex:/\A[A-Za-z0-9-]{8,64}\z/'], 'step' => ['nullable', 'string', 'max:80'], 'kind' => ['required', Rule::in(['done', 'reopened', 'run', 'note', 'otherwise', 'stop', 'picture'])],
            'text' => [Rule::requiredIf(in_array($this->input('kind'), ['note', 'otherwise', 'stop'], true)), 'nullable', 'string', 'max:4000'], 'unit' => ['nullable', 'in:mm,in'], 'reading' => ['nullable', 'string', 'max:40'], 'isSeenTo' => ['boolean'],
            'run' => [Rule::requiredIf($this->input('kind') === 'run'), 'array'], 'supersedes' => ['nullable', 'integer', Rule::exists('log_entries', 'id')->where('job_id', $this->jobId())], 'file' => [Rule::requiredIf($this->input('kind') === 'picture'), 'file', 'max:16000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'Say what happened.', 'file.required' => 'Choose a picture first.', 'file.max' => 'The picture is larger than 16 MB.', 'file.uploaded' => 'The picture did not arrive: it is larger than the server takes.'];
    }

    public function reading(): ?float
    {
        return $this->lengths(['reading'])['reading'] ?? null;
    }

    /** @return array<mixed> what a run was welded with, as the calculator of heat takes it */
    public function run(): array
    {
        return $this->array('run');
    }

    public function unit(): LengthUnit
    {
        return LengthUnit::tryFrom($this->string('unit')->value()) ?? LengthUnit::Millimetre;
    }

    public function picture(): ?UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : null;
    }

    private function jobId(): int
    {
        $job = $this->route('job');

        return $job instanceof \App\Models\Job ? $job->id : 0;
    }
}
