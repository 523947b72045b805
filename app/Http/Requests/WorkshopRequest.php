<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Settings\ShopDefaults;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;

final class WorkshopRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['inchDenominator' => ['required', 'in:16,32,64'], 'hidesExpected' => ['required', 'boolean'], 'unit' => ['in:mm,in'], 'values' => ['present', 'array']];
    }

    /** @return array{inch_denominator: int, hides_expected: bool} */
    public function preferences(): array
    {
        return ['inch_denominator' => $this->integer('inchDenominator'), 'hides_expected' => $this->boolean('hidesExpected')];
    }

    /**
     * @return array<string, ?float> by the names of shop defaults; null is as usual
     *
     * @throws InvalidFields
     */
    public function values(): array
    {
        $fields = array_map(fn (ShopDefault $default): Field => $default->field->optional()->withoutDefault(), array_values(ShopDefaults::all()));
        $read = (new FieldReader($this->string('unit')->value() === 'in' ? LengthUnit::Inch : LengthUnit::Millimetre, typed: true))->read($fields, $this->array('values'), 'values');

        return array_combine(array_keys(ShopDefaults::all()), array_map(fn (Field $field): ?float => $read->optional($field->name), $fields));
    }
}
