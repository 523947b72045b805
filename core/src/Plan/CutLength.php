<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** What to saw: the insert out of stock, or the band out of the rail, with the kerf on the waste side (mm). */
final readonly class CutLength
{
    /**
     * @param  float  $mark  distance between the marks (mm)
     * @param  float  $piece  what lies on the bench afterwards (mm): the insert, or the piece that came out
     */
    public function __construct(public string $operation, public string $what, public float $mark, public float $piece, public string $saw) {}
}
