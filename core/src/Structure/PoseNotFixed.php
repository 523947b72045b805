<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

use Geodex\Core\Failure\Refusal;

/** Where a loose half stands cannot be told from what was read. */
final class PoseNotFixed extends Refusal
{
    public static function because(string $why): self
    {
        return new self('structure.pose', $why, []);
    }
}
