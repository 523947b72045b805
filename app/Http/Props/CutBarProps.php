<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A bar with its pieces; mm. */
final readonly class CutBarProps
{
    /** @param  list<CutPieceProps>  $pieces */
    public function __construct(public float $length, public bool $isRemnant, public array $pieces, public float $offcut) {}
}
