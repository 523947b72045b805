<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\RunningGear\GearPage;
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
}
