<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What a deciding reading gives if certain readings are wrong; mm. */
final readonly class OutcomeProps
{
    /**
     * @param  list<list<string>>  $wrong  readings, a list for each explanation
     * @param  list<string>  $folded  points that stand on the other side of their neighbours then
     */
    public function __construct(public float $value, public array $wrong, public array $folded) {}
}
