<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Something that comes off before the heat. */
final readonly class StrippedItemProps
{
    /**
     * @param  int  $bag  number on its label
     * @param  bool  $isOwn  whether a person put it in, and not the plan
     */
    public function __construct(public string $what, public int $bag, public bool $isOwn, public bool $isOut, public bool $isBack) {}
}
