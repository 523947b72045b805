<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

/** Both wheels of an axle, and of the front axle where they were measured; mm. */
final readonly class AxlePoints
{
    /** @param  list<float>  $at  x and y of left, right, front left, front right */
    public function __construct(private array $at) {}

    /** Right wheel further back (radians). */
    public function thrust(): float
    {
        return $this->turned(0);
    }

    public function frontThrust(): float
    {
        return count($this->at) > 4 ? $this->turned(4) : 0.0;
    }

    /** @return array{float, float} station and offset */
    public function middle(): array
    {
        return [($this->at[0] + $this->at[2]) / 2, ($this->at[1] + $this->at[3]) / 2];
    }

    /** Offset of a wheel: 0 left, 1 right. */
    public function y(int $wheel): float
    {
        return $this->at[2 * $wheel + 1];
    }

    public function wheelbase(int $wheel): float
    {
        return $this->at[2 * $wheel] - $this->at[2 * $wheel + 4];
    }

    private function turned(int $from): float
    {
        return atan2($this->at[$from + 2] - $this->at[$from], $this->at[$from + 3] - $this->at[$from + 1]);
    }
}
