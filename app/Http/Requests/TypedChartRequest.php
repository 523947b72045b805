<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A chart typed in on screen. Core reads its lengths. */
final class TypedChartRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'unit' => ['required', 'in:mm,in'],
            'points' => ['present', 'array', 'max:400'],
            'points.*.id' => ['required', 'string', 'max:40'],
            'points.*.name' => ['nullable', 'string', 'max:120'],
            'points.*.side' => ['required', 'in:left,right,centre'],
            'points.*.mate' => ['nullable', 'string', 'max:40'],
            'points.*.x' => ['nullable', 'string', 'max:40'],
            'points.*.y' => ['nullable', 'string', 'max:40'],
            'points.*.z' => ['nullable', 'string', 'max:40'],
            'points.*.hole' => ['nullable', 'string', 'max:40'],
            'points.*.tolerance' => ['nullable', 'string', 'max:60'],
            'points.*.base' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['points.*.id.required' => 'Every row needs a name for its point.'];
    }

    /** @return 'mm'|'in' */
    public function unit(): string
    {
        return $this->string('unit')->value() === 'in' ? 'in' : 'mm';
    }

    /** @return list<array<string, mixed>> as in the job file */
    public function points(): array
    {
        $points = [];
        foreach ($this->array('points') as $row) {
            $row = is_array($row) ? $row : [];
            $text = fn (string $key): string => is_scalar($row[$key] ?? null) ? trim((string) $row[$key]) : '';
            $place = array_map($text, ['x', 'y', 'z']);
            $points[] = array_filter([
                'id' => $text('id'),
                'name' => $text('name') ?: $text('id'),
                'side' => $text('side'),
                'mate' => $text('mate'),
                'reference' => array_filter($place, fn (string $value): bool => $value !== '') === [] ? '' : array_map(fn (string $value): string => $value === '' ? 'missing' : $value, $place),
                'feature' => $text('hole') === '' ? '' : ['kind' => 'hole', 'diameter' => $text('hole')],
                'tolerance' => $text('tolerance'),
                'base' => filter_var($row['base'] ?? false, FILTER_VALIDATE_BOOLEAN),
            ], fn (mixed $part): bool => $part !== '');
        }

        return $points;
    }

    /** @return array<string, list<string>> columns of points that the screen did not touch, so that what it cannot show stays */
    public function untouched(): array
    {
        $untouched = [];
        foreach ($this->array('points') as $row) {
            if (is_array($row) && is_scalar($row['id'] ?? null)) {
                $untouched[trim((string) $row['id'])] = [
                    ...(array_key_exists('hole', $row) ? [] : ['feature_kind', 'feature_diameter_mm']),
                    ...(array_key_exists('tolerance', $row) ? [] : ['tolerance_x_mm', 'tolerance_y_mm', 'tolerance_z_mm']),
                ];
            }
        }

        return $untouched;
    }
}
