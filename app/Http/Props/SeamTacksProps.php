<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Where a seam is tacked; mm. */
final readonly class SeamTacksProps
{
    /** @param  list<float>  $centres  from the start of the seam, in the order to tack */
    public function __construct(public string $seam, public float $length, public float $tackLength, public array $centres) {}
}
