<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Geometry\Vector3;

/** One consistent account of a survey: these readings are wrong, all others fit. No suspects: everything fits. */
final readonly class Explanation
{
    /**
     * @param  list<Mistake>  $mistakes  one for each reading that it leaves out, in the order of the log
     * @param  float  $weightedSum  vᵀPv of all other readings
     * @param  array<string, Vector3>  $bench  positions if this is what happened, in the axes of the bench (mm)
     * @param  LeftOut  $left  what it leaves out in the linear theory
     */
    public function __construct(public array $mistakes, public float $weightedSum, public array $bench, public LeftOut $left) {}

    /** @return list<string> ids of the readings left out */
    public function suspects(): array
    {
        return array_map(fn (Mistake $mistake): string => $mistake->reading, $this->mistakes);
    }

    public function names(string $reading): bool
    {
        return in_array($reading, $this->suspects(), true);
    }

    /** Whether each of its mistakes has a cause that is known from shops. */
    public function isLikely(): bool
    {
        return array_filter($this->mistakes, fn (Mistake $mistake): bool => $mistake->causes === []) === [];
    }
}
