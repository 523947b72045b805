<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\RunSheet\HandOver\HandOver;
use Illuminate\Foundation\Http\FormRequest;

/** What a person decides about the hand-over. */
final class HandOverRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'answers' => ['present', 'array', 'max:80'], 'answers.*.answer' => ['nullable', 'in:yes,no'], 'answers.*.who' => ['nullable', 'string', 'max:120'],
            'more' => ['present', 'array', 'max:'.HandOver::MOST], 'more.*' => ['string', 'max:160'],
            'checks' => ['present', 'array', 'max:'.HandOver::MOST], 'checks.*.what' => ['required', 'string', 'max:160'], 'checks.*.when' => ['required', 'string', 'max:80'],
            'marks' => ['present', 'array', 'max:'.HandOver::MOST], 'marks.*' => ['string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['checks.*.what.required' => 'What is looked at again?', 'checks.*.when.required' => 'When: a date, or after how many kilometres.', 'answers.*.answer.in' => 'Yes or no.'];
    }

    public function handOver(): HandOver
    {
        /** @var array<string, mixed> $given */
        $given = $this->only(['answers', 'more', 'checks', 'marks']);
        $answers = $this->array('answers');

        return HandOver::of([...$given, 'answers' => array_map(fn (mixed $one): array => is_array($one) ? ['answer' => $one['answer'] ?? '', 'who' => $one['who'] ?? ''] : [], $answers)]);
    }
}
