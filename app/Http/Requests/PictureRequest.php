<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A photograph of a face. */
final class PictureRequest extends FormRequest
{
    private const MOST_KB = 16_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KB]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a picture first.', 'file.uploaded' => 'The picture did not arrive: it is larger than the server takes. 16 MB are enough.', 'file.max' => 'The picture is larger than 16 MB. Take it smaller: 12 million pixels are more than enough.'];
    }

    public function picture(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : abort(422, 'Choose a picture first.');
    }
}
