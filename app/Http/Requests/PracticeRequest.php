<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Simulation\Practice\PracticeLevel;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which exercise to start. */
final class PracticeRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['level' => ['required', Rule::enum(PracticeLevel::class)], 'seed' => ['nullable', 'integer', 'min:1', 'max:999999']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['seed.*' => 'A number from 1 to 999999; the same number gives the same frame.'];
    }

    /** Without a number of their own a trainee gets one they have not had. */
    public function seed(): int
    {
        return $this->filled('seed') ? $this->integer('seed') : random_int(1, 999_999);
    }

    public function level(): PracticeLevel
    {
        return PracticeLevel::from($this->string('level')->value());
    }
}
