<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

/** A driveline with its axle in one attitude: the unevenness of its joints, summed up from either end; radians squared. */
final readonly class TurnedTrain
{
    /** @param  list<array{float, float}>  $unevenness  of each joint */
    public function __construct(public JointChain $chain, private array $unevenness) {}

    /** |Σ c| of the whole train. */
    public function left(): float
    {
        return $this->sum(0, count($this->unevenness));
    }

    /** |Σ c| of the joints before a shaft, which drive it. */
    public function before(int $shaft): float
    {
        return $this->sum(0, $shaft + 1);
    }

    /** |Σ c| of those behind it, in coast. */
    public function behind(int $shaft): float
    {
        return $this->sum($shaft + 1, count($this->unevenness));
    }

    public function worst(): float
    {
        $all = [0.0];
        for ($k = 0; $k < count($this->unevenness) - 1; $k++) {
            array_push($all, $this->before($k), $this->behind($k));
        }

        return max($all);
    }

    private function sum(int $from, int $to): float
    {
        $part = array_slice($this->unevenness, $from, $to - $from);

        return hypot(array_sum(array_column($part, 0)), array_sum(array_column($part, 1)));
    }
}
