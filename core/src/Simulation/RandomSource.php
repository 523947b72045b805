<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

/** Chance that can be had again: the same seed gives the same numbers on every machine. */
final readonly class RandomSource
{
    private \Random\Randomizer $randomizer;

    private const STEPS = 1_000_000_000;

    public function __construct(int $seed)
    {
        $this->randomizer = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
    }

    /** Uniform, over 0 and under 1. */
    public function share(): float
    {
        return ($this->randomizer->getInt(0, self::STEPS - 1) + 0.5) / self::STEPS;
    }

    public function between(float $min, float $max): float
    {
        return $min + ($max - $min) * $this->share();
    }

    public function whole(int $min, int $max): int
    {
        return $this->randomizer->getInt($min, $max);
    }

    /** Normal with mean 0 (Box & Muller). */
    public function normal(float $sigma): float
    {
        return $sigma * sqrt(-2 * log($this->share())) * cos(2 * M_PI * $this->share());
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $list
     * @return T
     */
    public function pick(array $list): mixed
    {
        return $list[$this->whole(0, count($list) - 1)];
    }
}
