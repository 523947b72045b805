<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What the helper called out; mm or degrees. */
final readonly class PracticeReadingProps
{
    /**
     * @param  list<string>  $points
     * @param  'length'|'angle'  $quantity
     * @param  float  $chart  what it would read on an undamaged frame
     */
    public function __construct(public int $number, public string $kind, public string $quantity, public array $points, public float $value, public float $chart) {}
}
