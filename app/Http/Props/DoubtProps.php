<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A point whose chart is in doubt; mm. */
final readonly class DoubtProps
{
    public function __construct(public string $point, public int $axis, public float $chart, public float $measured, public float $suggested, public string $text) {}
}
