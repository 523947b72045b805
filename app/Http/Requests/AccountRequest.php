<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class AccountRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120'], 'unit' => ['nullable', 'in:mm,in'], 'theme' => ['nullable', 'in:light,dark']];
    }

    /** @return array{name: string, unit: ?string, theme: ?string} */
    public function preferences(): array
    {
        $text = fn (string $key): ?string => $this->filled($key) ? $this->string($key)->value() : null;

        return ['name' => trim($this->string('name')->value()), 'unit' => $text('unit'), 'theme' => $text('theme')];
    }
}
