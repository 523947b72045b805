<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What the posts of each station carry in one case (kg). */
final readonly class HalfCaseProps
{
    public function __construct(public string $case, public float $front, public float $rear, public bool $steady, public bool $tips) {}
}
