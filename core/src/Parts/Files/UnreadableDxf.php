<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Failure\Refusal;

/** A drawing file that no outline can be taken from. */
final class UnreadableDxf extends Refusal
{
    public static function because(string $what): self
    {
        return new self('parts.dxf', $what);
    }
}
