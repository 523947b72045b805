<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

/** A step in its place. */
final readonly class OrderedStep
{
    /**
     * @param  'done'|'possible'|'blocked'  $state
     * @param  list<string>  $waitsFor  titles of steps
     * @param  bool  $isEarly  whether it was done before something that comes first
     */
    public function __construct(public Step $step, public string $state, public array $waitsFor, public bool $isEarly) {}
}
