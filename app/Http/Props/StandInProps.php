<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What a simulated instrument hides, and how well it is read. */
final readonly class StandInProps
{
    public function __construct(public int $seed, public float $slop, public float $misreads, public string $damage) {}

    /** @param  array{seed: int, slop: float, misreads: float, damage: string}  $simulated */
    public static function from(array $simulated): self
    {
        return new self($simulated['seed'], $simulated['slop'], $simulated['misreads'], $simulated['damage']);
    }
}
