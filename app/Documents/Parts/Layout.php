<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Documents\TypedValue;
use App\Models\Survey;

/** How a job is laid out: lengths as they were typed, for an export, or exact millimetres, for computing. */
final readonly class Layout
{
    /**
     * @param  'mm'|'in'  $unit  of the job
     * @param  list<Survey>  $surveys  that go with it
     */
    public function __construct(public bool $asTyped, public string $unit, public array $surveys) {}

    /** A number says nothing of its unit where the file is in inches, so it goes out as text. */
    public function length(?float $mm): float|string|null
    {
        return $mm !== null && $this->asTyped ? TypedValue::millimetres($mm) : $mm;
    }

    /**
     * What is kept as its file had it; bare numbers there are in the job's unit.
     *
     * @param  array<mixed>  $part
     * @return array<mixed>
     */
    public function withUnits(array $part): array
    {
        return $this->asTyped || $this->unit === 'mm' ? $part : TypedValue::inInches($part);
    }
}
