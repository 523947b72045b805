<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\StoredJob;
use App\Models\Job;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;

/** Something asked about a place on the frame, as typed; what it is is read by core. */
abstract class PlaceRequest extends FormRequest
{
    /** @return list<Field> */
    abstract protected function fields(): array;

    /** @return array<string, list<string>> */
    final public function rules(): array
    {
        return ['unit' => ['required', 'in:mm,in'], 'values' => ['present', 'array']];
    }

    final public function values(): Values
    {
        $job = $this->route('job');
        assert($job instanceof Job);
        $stations = new StationNames(app(StoredJob::class)->read($job)->frame);

        return (new FieldReader(LengthUnit::from($this->string('unit')->value()), typed: true, stations: $stations))->read($this->fields(), $this->array('values'));
    }
}
