<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Scalar;
use Illuminate\Foundation\Http\FormRequest;

/** What is decided of a base point, and why. */
final class DatumRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['point' => ['required', 'string', 'max:40'], 'choice' => ['required', 'in:in,out,tested'], 'reason' => ['required', 'string', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why; it goes into the log.'];
    }

    public function pointId(Job $job): int
    {
        return Scalar::int($job->points()->where('code', $this->string('point')->value())->valueOrFail('id'));
    }

    /** @return 'in'|'out'|'tested' */
    public function choice(): string
    {
        return match ($this->string('choice')->value()) {
            'in' => 'in',
            'out' => 'out',
            default => 'tested',
        };
    }
}
