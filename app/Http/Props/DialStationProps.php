<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Readings of a dial at one place of a shaft; mm, degrees. */
final readonly class DialStationProps
{
    /**
     * @param  list<float>  $angles
     * @param  list<float>  $values
     */
    public function __construct(public float $x, public array $angles, public array $values) {}
}
