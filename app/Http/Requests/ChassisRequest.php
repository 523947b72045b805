<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Chassis\ChassisPart;
use Geodex\Core\Chassis\ChassisParts;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;

/** A list of the frame as it was typed; what a row holds is read by its class in core. */
final class ChassisRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'unit' => ['required', 'in:mm,in'],
            'list' => ['required', 'in:'.implode(',', array_map(fn (string $class): string => $class::list(), ChassisParts::all()))],
            'rows' => ['present', 'array', 'max:500'],
            'rows.*' => ['array'],
        ];
    }

    public function unit(): LengthUnit
    {
        return LengthUnit::from($this->string('unit')->value());
    }

    /** @return class-string<ChassisPart> */
    public function part(): string
    {
        return ChassisParts::named($this->string('list')->value()) ?? abort(404);
    }

    /** @return array<string, list<array<string, mixed>>> */
    public function lists(): array
    {
        /** @var list<array<string, mixed>> $rows */
        $rows = array_values($this->array('rows'));

        return [$this->part()::list() => $rows];
    }
}
