<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What a trainee read at a hold point; mm. */
final readonly class PracticeFoundProps
{
    /**
     * @param  string  $action  go-on, measure-again, move or stop
     * @param  ?float  $move  by which it is best moved, or the front left raised
     */
    public function __construct(public string $step, public string $what, public float $read, public string $action, public ?float $move) {}
}
