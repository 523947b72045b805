<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Bench\ScrewTurn;

/** What to do with one screw; mm. */
final readonly class ScrewTurnProps
{
    public function __construct(public string $corner, public float $change, public float $turns, public bool $clockwise) {}

    public static function from(ScrewTurn $turn): self
    {
        return new self($turn->corner->words(), $turn->change, $turn->turns, $turn->clockwise);
    }
}
