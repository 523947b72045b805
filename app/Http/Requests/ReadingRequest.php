<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class ReadingRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'regex:/^[A-Za-z0-9][A-Za-z0-9_.-]{0,39}$/'],
            'call' => ['required', 'string', 'max:120'],
            'unit' => ['required', 'in:mm,in'],
            'supersedes' => ['nullable', 'string', 'max:40'],
            'instrument' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['call.required' => 'Nothing was typed. Call the points and the value, such as “BL DR 62 7/16”.', 'call.max' => 'That is too long for one reading.'];
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
