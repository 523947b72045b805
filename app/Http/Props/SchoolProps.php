<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A way in which practice orders the pieces of a joint. */
final readonly class SchoolProps
{
    public function __construct(public string $key, public string $label) {}
}
