<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\RunningGear\GearPage;
use Geodex\Core\Calculators\RunningGear\SheetPoints;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A sheet of the running gear as it was typed; what it holds is read by its calculator. */
final class WorksheetRequest extends FormRequest
{
    use ReadsTool;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $tools = array_merge(...array_map(fn (GearPage $page): array => array_map(fn (string $class): string => $class::name(), $page->tools()), GearPage::cases()));

        return ['tool' => ['required', 'string', Rule::in($tools)], 'title' => ['nullable', 'string', 'max:120'], 'unit' => ['required', 'in:mm,in'], 'values' => ['present', 'array'], 'points' => ['array', 'max:60'], 'points.*' => ['string', 'max:60']];
    }

    public function points(): SheetPoints
    {
        $points = [];
        foreach ($this->array('points') as $path => $point) {
            if (is_string($path) && is_string($point) && preg_match('/^[A-Za-z]+(\[\d{1,3}\])?(\.[A-Za-z]+)?$/', $path) === 1) {
                $points[$path] = $point;
            }
        }

        return new SheetPoints($points);
    }
}
