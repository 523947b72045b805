<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;

/** A step that a person puts into the run sheet. */
final class OwnStepRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['title' => ['required', 'string', 'max:160'], 'minutes' => ['nullable', 'numeric', 'between:0,10000'], 'after' => ['nullable', 'string', 'max:80']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['title.required' => 'What is to be done?', 'minutes.*' => 'How many minutes: a number.'];
    }

    /** @return array{id: string, title: string, minutes: float, needs: list<string>} */
    public function step(): array
    {
        $after = $this->string('after')->value();

        return ['id' => 'own-'.Str::lower(Str::random(8)), 'title' => trim($this->string('title')->value()), 'minutes' => $this->filled('minutes') ? $this->float('minutes') : 30.0, 'needs' => $after === '' ? [] : [$after]];
    }
}
