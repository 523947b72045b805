<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One reading across a gap, with what it is in the frame as planned (mm). */
final readonly class SpreadReadingProps
{
    public function __construct(public string $field, public string $between, public float $planned) {}
}
