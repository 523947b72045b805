<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

/** Bars of one length on the rack; mm. */
final readonly class BarStock
{
    /**
     * @param  ?int  $count  null for as many as are wanted
     * @param  float  $room  for parts, each with the kerf behind it
     */
    public function __construct(public string $id, public float $length, public ?int $count, public float $room) {}
}
