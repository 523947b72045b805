<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Parts\PartTools;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A part as it was typed; what it is worked out of is read by its calculator. */
final class PartRequest extends FormRequest
{
    use ReadsTool;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'tool' => ['required', 'string', Rule::in(PartTools::names())], 'title' => ['nullable', 'string', 'max:120'], 'unit' => ['required', 'in:mm,in'], 'values' => ['present', 'array'], 'count' => ['required', 'integer', 'between:1,999'],
            'side' => ['required', 'in:left,right,either'], 'material' => ['nullable', 'string', 'max:80'], 'stock' => ['nullable', 'string', 'max:80'], 'used' => ['nullable', 'string', 'max:120'], 'points' => ['array', 'max:120'], 'points.*' => ['string', 'max:60'], 'isCorrection' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['count.*' => 'How many: from 1 to 999.', 'side.in' => 'The side is left, right or either.'];
    }

    /** @return array{tool: string, title: string, given: array<string, mixed>, count: int, side: string, material: string, used: string, stock: string} */
    public function entered(): array
    {
        return [
            'tool' => $this->tool(), 'title' => $this->title(), 'given' => $this->given(), 'count' => $this->integer('count'), 'side' => $this->string('side')->value(), 'material' => trim($this->string('material')->value()), 'used' => trim($this->string('used')->value()), 'stock' => trim($this->string('stock')->value()),
        ];
    }
}
