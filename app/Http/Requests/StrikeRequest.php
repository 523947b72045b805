<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class StrikeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'min:3', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why the reading is struck; it stays in the log with the reason.', 'reason.min' => 'Say why in a word or two.'];
    }

    public function reason(): string
    {
        return $this->string('reason')->value();
    }
}
