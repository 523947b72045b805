<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Geodex\Core\Frame\Code;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class SurveyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $job = $this->route('job');

        return [
            'code' => ['required', 'string', 'regex:'.Code::PATTERN, Rule::unique('surveys', 'code')->where('job_id', $job instanceof Job ? $job->id : 0)],
            'stage' => ['required', 'in:before,tack,after,sister'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code.regex' => 'A survey is named with letters, digits, dots, dashes or underscores, at most 40.',
            'code.unique' => 'This job already has a survey of that name.',
        ];
    }

    /** @return array{code: string, stage: string} */
    public function survey(): array
    {
        return ['code' => $this->string('code')->value(), 'stage' => $this->string('stage')->value()];
    }
}
