<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Reading;
use Closure;
use Geodex\Core\Frame\Code;
use Illuminate\Foundation\Http\FormRequest;

final class ReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'regex:'.Code::PATTERN],
            'call' => ['required', 'string', 'max:120'],
            'unit' => ['required', 'in:mm,in'],
            'supersedes' => ['nullable', 'string', 'max:40', $this->isInTheLog(...)],
            'instrument' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['call.required' => 'Nothing was typed. Call the points and the value, such as “BL DR 62 7/16”.', 'call.max' => 'That is too long for one reading.'];
    }

    private function isInTheLog(string $attribute, mixed $value, Closure $fail): void
    {
        $job = $this->route('job');
        $known = $job instanceof Job && Reading::whereRelation('survey', ['job_id' => $job->id, 'code' => $this->route('survey')])->where('client_id', $value)->exists();
        if (! $known) {
            $fail('The reading that this one should replace is not in this survey. Enter it as a new one.');
        }
    }

    public function clientId(): string
    {
        return $this->string('id')->value();
    }

    public function call(): string
    {
        return $this->string('call')->value();
    }

    /** @return 'mm'|'in' */
    public function unit(): string
    {
        return $this->string('unit')->value() === 'in' ? 'in' : 'mm';
    }

    public function supersedes(): ?string
    {
        return $this->filled('supersedes') ? $this->string('supersedes')->value() : null;
    }
}
