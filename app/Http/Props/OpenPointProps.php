<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Something that is not settled by the frame being right. */
final readonly class OpenPointProps
{
    /** @param  ''|'yes'|'no'  $answer  whether it was seen to */
    public function __construct(public string $id, public string $what, public string $because, public string $answer, public string $who, public bool $isOwn, public bool $isSettled) {}
}
