<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** A part that the plan or the running gear asks for, with all that is known of it. */
final readonly class ProposedPart
{
    /**
     * @param  string  $key  of what asks for it: the same as long as that is there
     * @param  string  $tool  calculator that works it out
     * @param  array<string, mixed>  $given  as that takes it; mm
     * @param  string  $from  what asks for it, in words
     * @param  string  $instead  of what it is another way, by the beginning of its key; empty where there is no other
     * @param  bool  $isFirst  whether it is the way that is proposed
     */
    public function __construct(public string $key, public string $title, public string $tool, public array $given, public int $count, public string $from, public string $instead = '', public bool $isFirst = true) {}
}
