<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Bench\CornerMove;

/** How far a corner of the bench has to come; mm. */
final readonly class CornerMoveProps
{
    public function __construct(public string $corner, public float $rearward, public float $right) {}

    public static function from(CornerMove $move): self
    {
        return new self($move->corner->words(), $move->rearward, $move->right);
    }
}
