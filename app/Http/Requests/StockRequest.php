<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A bar or a sheet for the rack. */
final class StockRequest extends FormRequest
{
    use ReadsLengths;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['unit' => ['required', 'in:mm,in'], 'stock' => ['required', 'string', 'max:80'], 'length' => ['required', 'string', 'max:40'], 'width' => ['nullable', 'string', 'max:40'], 'count' => ['nullable', 'integer', 'between:0,9999']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['stock.required' => 'What is it? Such as: tube 38 x 2.5, or plate 6.', 'length.required' => 'How long is it?', 'count.*' => 'How many: a whole number, or nothing for as many as are wanted.'];
    }

    /** @return array{stock: string, length: float, width: ?float, count: ?int} mm */
    public function item(): array
    {
        $lengths = $this->lengths(['length', 'width']);
        foreach ($lengths as $field => $length) {
            if ($length < 1.0 || $length > 100_000.0) {
                throw ValidationException::withMessages([$field => 'From 1 mm to 100 m.']);
            }
        }

        return ['stock' => trim($this->string('stock')->value()), 'length' => $lengths['length'] ?? 0.0, 'width' => $lengths['width'] ?? null, 'count' => $this->filled('count') ? $this->integer('count') : null];
    }
}
