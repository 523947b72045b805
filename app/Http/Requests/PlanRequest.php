<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Frame\Code;
use Illuminate\Foundation\Http\FormRequest;

final class PlanRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'unit' => ['required', 'in:mm,in'],
            'operations' => ['present', 'array', 'max:20'],
            'operations.*.id' => ['required', 'string', 'regex:'.Code::PATTERN, 'distinct'],
            'operations.*.kind' => ['required', 'in:stretch,shorten'],
            'operations.*.at' => ['required', 'string', 'max:40'],
            'operations.*.length' => ['required', 'string', 'max:40'],
            'operations.*.kerf' => ['required', 'string', 'max:40'],
            'operations.*.witness' => ['required', 'string', 'max:40'],
            'operations.*.level' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'operations.*.at.required' => 'Give the station of the cut.',
            'operations.*.length.required' => 'Give the length to put in or take out.',
            'operations.*.kerf.required' => 'Give the width of the cut, 0 if it does not matter.',
            'operations.*.witness.required' => 'Give the distance of the witness marks from the cut.',
        ];
    }

    /** @return 'mm'|'in' */
    public function unit(): string
    {
        return $this->string('unit')->value() === 'in' ? 'in' : 'mm';
    }

    /** @return list<array{id: string, kind: string, at: string, length: string, kerf: string, witness: string, level: bool}> */
    public function operations(): array
    {
        /** @var list<array{id: string, kind: string, at: string, length: string, kerf: string, witness: string, level: bool}> */
        return array_map(fn (array $typed): array => [...$typed, 'level' => (bool) $typed['level']], array_values($this->array('operations')));
    }
}
