<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\RunningGear\GearPage;
use Geodex\Core\Calculators\RunningGear\SheetPoints;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A sheet of the running gear as it was typed; what it holds is read by its calculator. */
final class WorksheetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $tools = array_merge(...array_map(fn (GearPage $page): array => array_map(fn (string $class): string => $class::name(), $page->tools()), GearPage::cases()));

        return ['tool' => ['required', 'string', Rule::in($tools)], 'title' => ['nullable', 'string', 'max:120'], 'unit' => ['required', 'in:mm,in'], 'values' => ['present', 'array'], 'points' => ['array', 'max:60'], 'points.*' => ['string', 'max:60']];
    }

    public function tool(): string
    {
        return $this->string('tool')->value();
    }

    public function title(): string
    {
        $title = trim($this->string('title')->value());

        return $title === '' ? Calculators::named($this->tool())::title() : $title;
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

    /** @return array<string, mixed> mm; what was not given is not there */
    public function given(): array
    {
        $calculator = Calculators::named($this->tool());
        $values = (new FieldReader(LengthUnit::from($this->string('unit')->value()), typed: true))->read($calculator::fields(), $this->array('values'));
        // Only what works out is kept.
        $calculator->calculate($values);

        /** @var array<string, mixed> */
        return self::present($values->toArray());
    }

    /**
     * @param  array<array-key, mixed>  $all
     * @return array<array-key, mixed>
     */
    private static function present(array $all): array
    {
        $kept = array_is_list($all) ? $all : array_filter($all, fn (mixed $one): bool => $one !== null && $one !== '');

        return array_map(fn (mixed $one): mixed => is_array($one) ? self::present($one) : $one, $kept);
    }
}
