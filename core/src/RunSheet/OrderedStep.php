<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

/** A step in its place. */
final readonly class OrderedStep
{
    /**
     * @param  'done'|'possible'|'blocked'|'impossible'  $state
     * @param  list<Step>  $waitsFor
     * @param  bool  $isEarly  whether it was done before something that comes first
     * @param  ?string  $closedBy  title of the step that closed what it has to reach
     * @param  list<Step>  $shutsOut  that cannot be done any more once it is
     */
    public function __construct(public Step $step, public string $state, public array $waitsFor, public bool $isEarly, public ?string $closedBy = null, public array $shutsOut = []) {}
}
