<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** A bracket's foot that has to find a clear place along a rail, near where it was (mm). */
final readonly class Foot
{
    public function __construct(public string $id, public float $station, public float $width, public float $weight, public float $maxMove, public string $side, public ClearPlaces $clear) {}

    /**
     * Shifts of all feet together at which what this one has to move can change its course.
     *
     * @return list<float>
     */
    public function events(): array
    {
        $events = [];
        foreach ($this->clear->forbidden as [$from, $to]) {
            foreach ([$from, $to, ($from + $to) / 2, $from + $this->maxMove, $to - $this->maxMove] as $at) {
                if (is_finite($at)) {
                    $events[] = $at - $this->station;
                }
            }
        }

        return $events;
    }
}
