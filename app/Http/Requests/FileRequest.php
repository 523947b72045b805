<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\JobFile\JobReader;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

class FileRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.intdiv(JobReader::MAX_BYTES, 1000)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a file first.',
            'file.uploaded' => 'The file did not arrive: it is larger than the server takes. A job file or chart is at most 4 MB; is it the right file?',
            'file.max' => 'The file is larger than 4 MB, which no job file or chart is. Is it the right file?',
        ];
    }

    final public function contents(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) $file->getContent() : '';
    }
}
