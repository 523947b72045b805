<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Failure\Refusal;

/** The command was called in a way that cannot be carried out. */
final class UnusableCall extends Refusal
{
    public static function because(string $why, string $help): self
    {
        return new self('cli.unusable-call', "geodex: $why\n$help");
    }
}
