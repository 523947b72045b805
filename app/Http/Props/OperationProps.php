<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\PlanOperation;

/** A planned operation, by the fields of its kind; lengths in mm. */
final readonly class OperationProps
{
    /** @param  array<string, mixed>  $values */
    public function __construct(public string $id, public string $kind, public array $values) {}

    public static function from(PlanOperation $operation): self
    {
        return new self($operation->code, $operation->kind, $operation->parameters);
    }
}
