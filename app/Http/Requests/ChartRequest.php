<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class ChartRequest extends FileRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...parent::rules(), 'title' => ['required', 'string', 'max:200'], 'vehicle' => ['nullable', 'string', 'max:200'], 'units' => ['required', 'in:mm,in']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...parent::messages(), 'title.required' => 'Give the job a title.', 'units.required' => 'Say whether the chart is in millimetres or inches.'];
    }

    /** @return 'mm'|'in' */
    public function units(): string
    {
        return $this->string('units')->value() === 'in' ? 'in' : 'mm';
    }
}
