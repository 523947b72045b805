<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Geodex\Core\Frame\Code;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

final class SurveyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $job = $this->route('job');

        return [
            'name' => ['required_without:code', 'nullable', 'string', 'max:120'],
            'code' => ['nullable', 'string', 'regex:'.Code::PATTERN, Rule::unique('surveys', 'code')->where('job_id', $job instanceof Job ? $job->id : 0)],
            'stage' => ['required', 'in:before,tack,after,sister'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required_without' => 'Give the survey a name.',
            'code.regex' => 'A survey is named with letters, digits, dots, dashes or underscores, at most 40.',
            'code.unique' => 'This job already has a survey of that name.',
        ];
    }

    /** @return array{code: string, name: string, stage: string} */
    public function survey(): array
    {
        $name = trim($this->string('name')->value());
        $code = $this->string('code')->value();

        return ['code' => $code === '' ? $this->free(Str::slug($name)) : $code, 'name' => $name, 'stage' => $this->string('stage')->value()];
    }

    /** A name in addresses and files that no survey of this job has. */
    private function free(string $slug): string
    {
        $job = $this->route('job');
        $taken = $job instanceof Job ? $job->surveys()->pluck('code')->all() : [];
        $start = substr($slug === '' ? 'survey' : $slug, 0, 34);
        $code = $start;
        for ($n = 2; in_array($code, $taken, true); $n++) {
            $code = "$start-$n";
        }

        return $code;
    }
}
