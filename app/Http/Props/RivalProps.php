<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Two explanations of one contradiction, and the reading that decides; mm or degrees. */
final readonly class RivalProps
{
    /** @param  list<string>  $points */
    public function __construct(public string $suspect, public string $other, public string $kind, public array $points, public string $call, public float $ifSuspectWrong, public float $ifOtherWrong) {}
}
