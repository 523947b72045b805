<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A stage to choose from. */
final readonly class StageChoiceProps
{
    public function __construct(public string $name, public string $label) {}
}
