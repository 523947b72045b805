<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** What a deciding reading gives if certain explanations hold. */
final readonly class Outcome
{
    /**
     * @param  float  $value  mm or degrees
     * @param  list<list<string>>  $wrong  readings that are wrong then: one list for each explanation; an empty list where none is
     * @param  list<string>  $folded  points that stand on the other side of their neighbours then
     */
    public function __construct(public float $value, public array $wrong, public array $folded = []) {}
}
