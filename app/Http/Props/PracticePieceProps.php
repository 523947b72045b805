<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A piece of the root. */
final readonly class PracticePieceProps
{
    /**
     * @param  ?int  $order  in which it was welded; null while it was not
     * @param  float  $warmth  of its place now, °C
     */
    public function __construct(public int $place, public string $label, public ?int $order, public float $warmth) {}
}
