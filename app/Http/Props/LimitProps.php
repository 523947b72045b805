<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A guideline limit with where it comes from. */
final readonly class LimitProps
{
    public function __construct(public string $key, public float $value, public string $source) {}
}
