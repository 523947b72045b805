<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a trainee says is bent, and which readings were wrong. */
final class PracticeAnswerRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'findings' => ['present', 'array', 'max:12'],
            'findings.*.pattern' => ['required', Rule::enum(Pattern::class)],
            'findings.*.section' => ['required', Rule::enum(Section::class)],
            'findings.*.positive' => ['required', 'boolean'],
            'findings.*.side' => ['nullable', 'in:left,right'],
            'readings' => ['present', 'array', 'max:50'],
            'readings.*' => ['integer', 'min:1'],
        ];
    }

    /** @return array{findings: list<array{pattern: string, section: string, positive: bool, side: ?string}>, readings: list<string>} */
    public function statement(): array
    {
        $findings = [];
        foreach ($this->array('findings') as $finding) {
            $finding = is_array($finding) ? $finding : [];
            $text = fn (string $key): string => is_string($finding[$key] ?? null) ? $finding[$key] : '';
            $findings[] = ['pattern' => $text('pattern'), 'section' => $text('section'), 'positive' => filter_var($finding['positive'] ?? false, FILTER_VALIDATE_BOOLEAN), 'side' => $text('pattern') === 'short-rail' ? ($text('side') ?: 'left') : null];
        }

        return ['findings' => $findings, 'readings' => array_values(array_map(fn (mixed $n): string => is_scalar($n) ? (string) $n : '', $this->array('readings')))];
    }
}
