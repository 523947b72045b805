<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\PlanOperation;

/** A planned operation with its lengths as typed and in mm. */
final readonly class OperationProps
{
    /** @param  'stretch'|'shorten'  $kind */
    public function __construct(
        public string $id,
        public string $kind,
        public float $at,
        public float $length,
        public float $kerf,
        public float $witness,
        public bool $level,
    ) {}

    public static function from(PlanOperation $operation): self
    {
        return new self($operation->code, $operation->kind, $operation->at_mm, $operation->length_mm, $operation->kerf_mm, $operation->witness_mm, $operation->is_level);
    }
}
