<?php

declare(strict_types=1);

namespace App\Parts;

/** One plate as it lies; mm. */
final readonly class LaidPiece
{
    /**
     * @param  string  $key  of this one of the part
     * @param  array{float, float}  $at  its origin
     */
    public function __construct(public string $key, public int $part, public string $sheet, public int $sheetNumber, public array $at, public float $rotation, public bool $isByHand) {}
}
