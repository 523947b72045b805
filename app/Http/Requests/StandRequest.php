<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\StoredJob;
use App\Models\Job;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\Plan\Stand\StandFields;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Foundation\Http\FormRequest;

/** Posts as they were typed; what they are is read by core. */
final class StandRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['unit' => ['required', 'in:mm,in'], 'values' => ['present', 'array']];
    }

    public function values(): Values
    {
        $job = $this->route('job');
        assert($job instanceof Job);
        $stations = new StationNames(app(StoredJob::class)->read($job)->frame);

        return (new FieldReader(LengthUnit::from($this->string('unit')->value()), typed: true, stations: $stations))->read(StandFields::all(), $this->array('values'));
    }
}
