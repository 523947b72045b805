<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Repeat;

/** The same thing read more than once, pooled; mm or degrees. */
final readonly class Repeat
{
    /**
     * @param  list<string>  $readings  ids, in the order of the log
     * @param  float  $mean  weighted by the sigmas
     * @param  float  $sigma  of the mean
     * @param  float  $expanded  half the 95 % interval of the mean
     * @param  float  $spread  largest less smallest
     * @param  bool  $agree  whether they differ no more than their sigmas allow (χ² at 99 %)
     */
    public function __construct(public string $kind, public array $readings, public float $mean, public float $sigma, public float $expanded, public float $spread, public bool $agree) {}
}
