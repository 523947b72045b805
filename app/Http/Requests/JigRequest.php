<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Bench\Jig;
use Illuminate\Foundation\Http\FormRequest;

/** The size and screws of the bench. */
final class JigRequest extends FormRequest
{
    use ReadsLengths;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['unit' => ['required', 'in:mm,in'], 'clockwiseRaises' => ['required', 'boolean'], ...array_fill_keys(['length', 'width'], ['nullable', 'string', 'max:40']), ...array_fill_keys(['pitch', 'travel', 'tolerance'], ['required', 'string', 'max:40'])];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Give this too.'];
    }

    /** @return array<string, float|bool|null> */
    public function jig(): array
    {
        $mm = $this->allLengths(['pitch', 'travel', 'tolerance']);
        $size = $this->lengths(['length', 'width']);
        $jig = new Jig(
            length: $size['length'] ?? null,
            width: $size['width'] ?? null,
            pitch: $mm['pitch'],
            travel: $mm['travel'],
            clockwiseRaises: $this->boolean('clockwiseRaises'),
            tolerance: $mm['tolerance'],
        );

        return ['length' => $jig->length, 'width' => $jig->width, 'pitch' => $jig->pitch, 'travel' => $jig->travel, 'clockwiseRaises' => $jig->clockwiseRaises, 'tolerance' => $jig->tolerance];
    }
}
