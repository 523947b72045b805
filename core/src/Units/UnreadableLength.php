<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

use Geodex\Core\Failure\Refusal;

/** Text that cannot be read as one length without guessing. */
final class UnreadableLength extends Refusal
{
    public static function because(string $typed, string $reason): self
    {
        return new self('length.unreadable', "“{$typed}” is not a length: {$reason}", ['typed' => $typed, 'reason' => $reason]);
    }
}
