<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Something that is looked at again. */
final readonly class CheckAgainProps
{
    /** @param  string  $when  a date, or after how many kilometres */
    public function __construct(public string $what, public string $when) {}
}
