<?php

declare(strict_types=1);

namespace App\Parts;

/** A sheet with what lies on it; mm. */
final readonly class NestedSheet
{
    /**
     * @param  list<LaidPiece>  $pieces
     * @param  array<string, list<array{float, float}>>  $corners  by key of the piece
     * @param  array<string, string>  $faults  by key of the piece
     */
    public function __construct(public string $sheet, public int $number, public float $width, public float $height, public array $pieces, public array $corners, public array $faults, public float $utilisation) {}
}
