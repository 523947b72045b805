<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Call;

use Geodex\Core\Failure\Refusal;

/** A call across the frame that was not understood, and which part of it. */
final class UnclearCall extends Refusal
{
    public static function because(string $part, string $why): self
    {
        return new self('call.unclear', $why, ['part' => $part]);
    }
}
