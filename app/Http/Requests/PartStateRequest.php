<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Parts\PartState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One step of a part, with what was corrected on its first article. */
final class PartStateRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['state' => ['required', Rule::enum(PartState::class)], 'note' => ['nullable', 'string', 'max:500']];
    }

    public function state(): PartState
    {
        return PartState::from($this->string('state')->value());
    }

    public function note(): string
    {
        return trim($this->string('note')->value());
    }
}
