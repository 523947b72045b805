<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Where one plate was laid by hand; mm. */
final class NestRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'regex:/^\d{1,18}-\d{1,4}$/'], 'sheet' => ['required', 'string', 'max:20'], 'sheetNumber' => ['required', 'integer', 'between:1,1000'], 'at' => ['required', 'array', 'size:2'], 'at.*' => ['required', 'numeric', 'between:-100000,100000'],
            'rotation' => ['required', 'numeric', 'between:-360,360'],
        ];
    }

    /** @return array{at: array{float, float}, rotation: float, sheet: string, sheetNumber: int} */
    public function place(): array
    {
        return ['at' => [$this->float('at.0'), $this->float('at.1')], 'rotation' => $this->float('rotation'), 'sheet' => $this->string('sheet')->value(), 'sheetNumber' => $this->integer('sheetNumber')];
    }
}
