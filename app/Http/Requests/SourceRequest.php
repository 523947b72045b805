<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A reference from a file. */
final class SourceRequest extends FileRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...parent::rules(), 'name' => ['required', 'string', 'max:120'], 'kind' => ['required', 'in:chart,lengths,sister'], 'unit' => ['required', 'in:mm,in']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...parent::messages(), 'name.required' => 'Give it a name to know it by, such as “Chart, later year”.'];
    }

    /** @return 'chart'|'lengths'|'sister' */
    public function kind(): string
    {
        return match ($this->string('kind')->value()) {
            'lengths' => 'lengths',
            'sister' => 'sister',
            default => 'chart',
        };
    }

    /** @return 'mm'|'in' */
    public function unit(): string
    {
        return $this->string('unit')->value() === 'in' ? 'in' : 'mm';
    }
}
