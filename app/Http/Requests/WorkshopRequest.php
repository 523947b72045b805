<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Driveline\DrivelineLimits;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Units\UnreadableLength;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

final class WorkshopRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $rules = ['inchDenominator' => ['required', 'in:16,32,64'], 'tramReach' => ['required', 'string', 'max:40'], 'buildScatter' => ['required', 'string', 'max:40'], 'hidesExpected' => ['required', 'boolean'], 'limits' => ['required', 'array']];
        foreach (array_keys(DrivelineLimits::SOURCES) as $key) {
            $rules["limits.$key"] = ['required', 'numeric', 'min:0', 'max:90'];
        }

        return $rules;
    }

    /** @throws ValidationException */
    private function length(string $field): float
    {
        try {
            return Length::parse($this->string($field)->value(), LengthUnit::Millimetre)->mm;
        } catch (UnreadableLength $unreadable) {
            throw ValidationException::withMessages([$field => $unreadable->getMessage()]);
        }
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        $reach = $this->length('tramReach');
        $scatter = $this->length('buildScatter');
        if ($reach < 300 || $reach > 10_000) {
            throw ValidationException::withMessages(['tramReach' => 'A tram bar reaches between 300 mm and 10 m.']);
        }

        if ($scatter < 0.1 || $scatter > 10) {
            throw ValidationException::withMessages(['buildScatter' => 'Frames are built to between 0.1 mm and 10 mm.']);
        }

        return [
            'inch_denominator' => $this->integer('inchDenominator'),
            'tram_reach_mm' => $reach,
            'build_scatter_mm' => $scatter,
            'hides_expected' => $this->boolean('hidesExpected'),
            'driveline_limits' => array_map(floatval(...), array_intersect_key($this->array('limits'), DrivelineLimits::SOURCES)),
        ];
    }
}
