<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What is wrong with one reading if an explanation holds; mm, or degrees for an angle. */
final readonly class MistakeProps
{
    /** @param  list<CauseProps>  $causes  the likeliest first */
    public function __construct(public string $reading, public float $off, public array $causes) {}
}
