<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\HandOver;

/** Something that is not settled by the frame being right: somebody says whether it was seen to, and who did. */
final readonly class OpenPoint
{
    /** @param  ''|'yes'|'no'  $answer */
    public function __construct(public string $id, public string $what, public string $because, public string $answer = '', public string $who = '', public bool $isOwn = false) {}

    public function isSettled(): bool
    {
        return $this->answer !== '' && $this->who !== '';
    }
}
