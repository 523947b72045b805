<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;

/** What was typed into a quick tool; core reads it. */
final class ToolRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['unit' => ['required', 'in:mm,in'], 'values' => ['present', 'array']];
    }

    public function unit(): LengthUnit
    {
        return LengthUnit::from($this->string('unit')->value());
    }

    /** @return array<mixed> */
    public function values(): array
    {
        return $this->array('values');
    }
}
