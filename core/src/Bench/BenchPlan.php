<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Words\Sentence;

/** What a round at the bench comes to. */
interface BenchPlan
{
    /** @return list<Sentence> */
    public function says(): array;

    /** Largest of the moves that it asks for (mm). */
    public function largestMove(): float;
}
