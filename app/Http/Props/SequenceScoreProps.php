<?php

declare(strict_types=1);

namespace App\Http\Props;

/** How far out of balance the heat comes on the way, by one school; kJ·mm. */
final readonly class SequenceScoreProps
{
    public function __construct(public string $school, public string $label, public float $sideways, public float $upright, public float $along) {}
}
