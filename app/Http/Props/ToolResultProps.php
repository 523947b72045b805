<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One thing that a quick tool gives. */
final readonly class ToolResultProps
{
    /** @param  string  $kind  as of a field */
    public function __construct(public string $name, public string $label, public string $kind, public string $unit) {}
}
