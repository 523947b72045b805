<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A piece of a bar; mm. */
final readonly class CutPieceProps
{
    /**
     * @param  float  $at  of its beginning, from the end of the bar
     * @param  float  $cut  of the middle of the saw cut that ends it, from the end of the bar
     */
    public function __construct(public string $title, public float $length, public float $at, public float $cut) {}
}
