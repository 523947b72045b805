<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A bracket of a body: whether it finds a place, how far it moves on top of the common shift, or would have to; mm. */
final readonly class BracketProps
{
    public function __construct(public string $id, public bool $placed, public ?float $move, public ?float $station, public ?float $needed) {}
}
