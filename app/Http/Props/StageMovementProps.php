<?php

declare(strict_types=1);

namespace App\Http\Props;

/** From one survey to the next; mm. */
final readonly class StageMovementProps
{
    /** @param  string  $stage  name of the later survey */
    public function __construct(public string $stage, public float $moved, public float $expanded, public bool $isSignificant) {}
}
