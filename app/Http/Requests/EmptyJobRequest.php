<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A job whose chart is typed in on screen, or that has none. */
final class EmptyJobRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['title' => ['required', 'string', 'max:200'], 'vehicle' => ['nullable', 'string', 'max:200'], 'units' => ['required', 'in:mm,in']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['title.required' => 'Give the job a title.'];
    }

    /** @return array<string, mixed> a job document without points */
    public function document(): array
    {
        return ['format' => 'geodex-job', 'version' => 1, 'title' => $this->string('title')->value(), 'vehicle' => $this->string('vehicle')->value(), 'units' => $this->string('units')->value(), 'points' => []];
    }
}
