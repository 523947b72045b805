<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

/** What to pull, in order, and what is held back. */
final readonly class PullPlan
{
    /**
     * @param  list<PullStep>  $steps
     * @param  list<HeldPull>  $held
     */
    public function __construct(public array $steps, public array $held) {}
}
