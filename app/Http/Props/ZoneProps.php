<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A place at a joint where a run may lie. */
final readonly class ZoneProps
{
    public function __construct(public string $id, public string $label) {}
}
