<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a job is called and about. */
final class JobAboutRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:200'], 'vehicle' => ['nullable', 'string', 'max:200'], 'plate' => ['nullable', 'string', 'max:40'], 'frameNumber' => ['nullable', 'string', 'max:60'], 'odometer' => ['nullable', 'string', 'max:40'],
            'customerReference' => ['nullable', 'string', 'max:80'], 'notes' => ['nullable', 'string', 'max:10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['title.required' => 'Give the job a title.'];
    }

    /** @return array<string, string> by column */
    public function columns(): array
    {
        $text = fn (string $key): string => trim($this->string($key)->value());

        return ['title' => $text('title'), 'vehicle' => $text('vehicle'), 'plate' => $text('plate'), 'frame_number' => $text('frameNumber'), 'odometer' => $text('odometer'), 'customer_reference' => $text('customerReference'), 'notes' => $text('notes')];
    }
}
