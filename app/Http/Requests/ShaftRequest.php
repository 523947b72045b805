<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The shaft as typed, one text a field; core says what is wrong with each. */
final class ShaftRequest extends FormRequest
{
    private const NUMBERS = ['front.pitch', 'front.yaw', 'rear.pitch', 'rear.yaw', 'speed'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['fields' => ['required', 'array', 'max:40'], 'fields.*' => ['nullable', 'string', 'max:40']];
    }

    /** @return array<string, mixed> of the shape of driveline.shaft in the job file; empty fields are left out */
    public function shaft(): array
    {
        $shaft = ['id' => 'shaft'];
        foreach ($this->array('fields') as $path => $typed) {
            if (! is_string($typed) || trim($typed) === '' || $path === 'id') {
                continue;
            }
            $value = in_array($path, self::NUMBERS, true) && is_numeric(trim($typed)) ? (float) $typed : trim($typed);
            data_set($shaft, (string) $path, $value);
        }

        /** @var array<string, mixed> $shaft */
        return $shaft;
    }
}
