<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Frame\Code;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;

/** A plan as it was typed; what an operation holds is read by its class in core. */
final class PlanRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'unit' => ['required', 'in:mm,in'],
            'operations' => ['present', 'array', 'max:20'],
            'operations.*' => ['array'],
            'operations.*.id' => ['required', 'string', 'regex:'.Code::PATTERN, 'distinct'],
            'operations.*.kind' => ['required', 'string', 'max:40'],
        ];
    }

    public function unit(): LengthUnit
    {
        return LengthUnit::from($this->string('unit')->value());
    }

    /** @return list<array<string, mixed>> */
    public function operations(): array
    {
        /** @var list<array<string, mixed>> */
        return array_values($this->array('operations'));
    }
}
