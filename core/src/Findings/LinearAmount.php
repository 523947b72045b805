<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** A linear combination of deviations, with the weights that its uncertainty follows from. */
final readonly class LinearAmount
{
    /** @param  array<int, float>  $weights by column of the covariance */
    public function __construct(public float $value = 0.0, public array $weights = []) {}

    public function with(int $column, float $deviation, float $weight): self
    {
        $weights = $this->weights;
        $weights[$column] = ($weights[$column] ?? 0.0) + $weight;

        return new self($this->value + $weight * $deviation, $weights);
    }

    public function plus(self $other, float $factor = 1.0): self
    {
        $weights = $this->weights;
        foreach ($other->weights as $column => $weight) {
            $weights[$column] = ($weights[$column] ?? 0.0) + $factor * $weight;
        }

        return new self($this->value + $factor * $other->value, $weights);
    }

    public function times(float $factor): self
    {
        return (new self)->plus($this, $factor);
    }
}
