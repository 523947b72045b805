<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Time;

/** Steps of one kind together; minutes. */
final readonly class KindTime
{
    /** @param  float  $factor  that the next estimate is taken by, within bounds */
    public function __construct(public string $kind, public int $count, public float $estimated, public float $taken, public float $factor) {}
}
