<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Instrument;
use Geodex\Core\Cli\DamageOption;
use Geodex\Core\Cli\UnusableCall;
use Geodex\Core\Survey\Instrument\InstrumentKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A tool as its form gives it. */
final class InstrumentFormRequest extends FormRequest
{
    use ReadsLengths;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $instrument = $this->route('instrument');
        $name = Rule::unique('instruments', 'name')->where('workshop_id', $this->user()->workshop_id ?? 0);

        return [
            'unit' => ['required', 'in:mm,in'],
            'name' => ['required', 'string', 'max:120', $instrument instanceof Instrument ? $name->ignore($instrument->id) : $name],
            'kind' => ['required', Rule::enum(InstrumentKind::class)],
            'reach' => ['nullable', 'string', 'max:40'],
            'simulated' => ['required', 'boolean'],
            'seed' => ['nullable', 'integer', 'min:0', 'max:1000000000'],
            'slop' => ['nullable', 'numeric', 'min:0', 'max:20'],
            'misreads' => ['nullable', 'numeric', 'min:0', 'max:1'],
            'damage' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give the tool a name, such as “Long tram bar”.', 'name.unique' => 'The shop has a tool of that name already.'];
    }

    /** @return array<string, mixed> */
    public function instrument(): array
    {
        return [
            'name' => $this->string('name')->value(),
            'kind' => $this->string('kind')->value(),
            'reach_mm' => $this->lengths(['reach'])['reach'] ?? null,
            'simulated' => $this->boolean('simulated') ? ['seed' => $this->integer('seed'), 'slop' => $this->filled('slop') ? $this->float('slop') : 1.0, 'misreads' => $this->float('misreads'), 'damage' => $this->damage()] : null,
        ];
    }

    private function damage(): string
    {
        try {
            DamageOption::read($this->string('damage')->value(), '');
        } catch (UnusableCall $wrong) {
            throw ValidationException::withMessages(['damage' => trim(str_replace('geodex: ', '', $wrong->getMessage())).'.']);
        }

        return $this->string('damage')->value();
    }
}
