<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Bench\SupportMove;

/** What to do at one support, and what it does to the other end; mm. */
final readonly class SupportMoveProps
{
    /** @param  'front'|'rear'  $end */
    public function __construct(public string $end, public float $right, public float $other, public float $liftLeft, public float $liftRight, public float $otherLift) {}

    public static function from(SupportMove $move): self
    {
        return new self(end: $move->end, right: $move->right, other: $move->other, liftLeft: $move->liftLeft, liftRight: $move->liftRight, otherLift: $move->otherLift);
    }
}
